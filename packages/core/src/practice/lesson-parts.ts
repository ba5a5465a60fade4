import type { ElectricalFault, Fault } from '../faults/index.js';
import type { ToldFault } from './practice-case.js';

/** Faults of the library that a lesson is about. */
type Taught = Extract<
  Fault,
  { code: 'clock' | 'percent' | 'sensor-stuck' | 'switched-off' | 'station-dead' | 'valve-stuck' }
>;

/** What is told of a fault when the case is over. */
export function faultOf(fault: Taught): ToldFault {
  switch (fault.code) {
    case 'clock':
      return {
        what: 'The clock was off.',
        shows:
          'Everything waters as it is set, at another time or on another day than it is set for.',
        fastest:
          'Read time, AM or PM, weekday and date off the display before any program is opened.',
      };
    case 'percent':
      return {
        what: `The season percentage stood at ${fault.percent} %.`,
        shows:
          'Each station runs at its time, all of them for longer or shorter than they are set for.',
        fastest: 'Look at the percentage before the run times are believed.',
      };
    case 'sensor-stuck':
      return {
        what: 'The rain sensor said wet although it was dry.',
        shows: 'Nothing that heeds the sensor waters; by hand every station runs.',
        fastest: 'Set the sensor to bypass and run a program: it waters, and it is the sensor.',
      };
    case 'switched-off':
      return {
        what: 'The switch of the timer was at off.',
        shows: 'The clock goes, and nothing waters by itself.',
        fastest: 'Look at the switch: it comes before everything else.',
      };
    case 'station-dead':
      return {
        what: `Station ${fault.station} never opened: its wire, its coil or its valve.`,
        shows: 'One station stays dry, though the timer spends its time on it.',
        fastest: 'Run it by hand, and measure at its terminal.',
      };
    case 'valve-stuck':
      return {
        what: `The valve of station ${fault.station} did not close.`,
        shows: 'Water flows at that station when others are on, or all the time.',
        fastest: 'Turn the timer off: does water still come from it?',
      };
  }
}

export const electricalFault = ({ name, shows, tells }: ElectricalFault): ToldFault => ({
  ...{ what: `${name}.`, shows, fastest: tells },
});
