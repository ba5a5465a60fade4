import { showingOf, type ElectricalFault, type Fault, type FaultCode } from '../faults/index.js';
import type { ToldFault } from './practice-case.js';

/** Faults of the library that a lesson is about. */
type Taught = Extract<
  Fault,
  { code: 'clock' | 'percent' | 'sensor-stuck' | 'switched-off' | 'station-dead' | 'valve-stuck' }
>;

/** What was wrong, in words. */
function whatWas(fault: Taught): string {
  switch (fault.code) {
    case 'clock':
      return 'The clock was off.';
    case 'percent':
      return `The season percentage stood at ${fault.percent} %.`;
    case 'sensor-stuck':
      return 'The rain sensor said wet although it was dry.';
    case 'switched-off':
      return 'The switch of the timer was at off.';
    case 'station-dead':
      return `Station ${fault.station} never opened: its wire, its coil or its valve.`;
    case 'valve-stuck':
      return `The valve of station ${fault.station} did not close.`;
  }
}

/** What is told of a fault of some kind when the case is over. */
export function toldOf(code: FaultCode, what: string): ToldFault {
  const { shows, tells } = showingOf(code);
  return { what, shows, fastest: tells };
}

export const faultOf = (fault: Taught): ToldFault => toldOf(fault.code, whatWas(fault));

export const electricalFault = ({ name, shows, tells }: ElectricalFault): ToldFault => ({
  ...{ what: `${name}.`, shows, fastest: tells },
});
