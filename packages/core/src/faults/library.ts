import type { Plan } from '../settings/index.js';
import type { Believed } from './believed.js';
import { FAULT_CODES, type Fault, type FaultCode, type FaultOf } from './fault.js';
import type { FaultKind, SeenWater } from './fault-kind.js';
import type { Flow } from './flow.js';
import { AS_SET } from './kinds/as-set.js';
import { BY_HAND, handFlows } from './kinds/by-hand.js';
import { CLOCK, COMMON_OFFSETS } from './kinds/clock.js';
import { EXTRA_PROGRAM, leftoverFlows } from './kinds/extra-program.js';
import { EXTRA_START } from './kinds/extra-start.js';
import { PERCENT } from './kinds/percent.js';
import { SENSOR_IGNORED } from './kinds/sensor-ignored.js';
import { SENSOR_STUCK } from './kinds/sensor-stuck.js';
import { STATION_DEAD } from './kinds/station-dead.js';
import { SWITCHED_OFF } from './kinds/switched-off.js';
import { VALVE_STUCK } from './kinds/valve-stuck.js';

const KINDS: { readonly [Code in FaultCode]: FaultKind<Code> } = {
  'as-set': AS_SET,
  clock: CLOCK,
  percent: PERCENT,
  'extra-start': EXTRA_START,
  'extra-program': EXTRA_PROGRAM,
  'sensor-stuck': SENSOR_STUCK,
  'sensor-ignored': SENSOR_IGNORED,
  'switched-off': SWITCHED_OFF,
  'station-dead': STATION_DEAD,
  'valve-stuck': VALVE_STUCK,
  'by-hand': BY_HAND,
};

/** All water of the watch, and a little around it, where something is wrong; in true time. */
export const flowsOf = <Code extends FaultCode>(believed: Believed, fault: FaultOf<Code>): Flow[] =>
  KINDS[fault.code].flows(believed, fault);

/** Settings that make a timer do the same; null: it is none of the settings. */
export const settingsWith = <Code extends FaultCode>(
  plan: Plan,
  fault: FaultOf<Code>,
): Plan | null => {
  const kind: FaultKind<Code> = KINDS[fault.code];
  return kind.inSettings?.(plan, fault) ?? null;
};

/** All water where two things are wrong, neither of them one of the settings; null: they cannot both be told. */
export function flowsOfBoth(believed: Believed, one: Fault, other: Fault): Flow[] | null {
  if (one.code === 'extra-program' || one.code === 'by-hand') {
    const isDry = (station: number) =>
      other.code === 'switched-off' || (other.code === 'station-dead' && other.station === station);
    const beside = flowsBeside(believed, one).filter(({ station }) => !isDry(station));
    return [...flowsOf(believed, other), ...beside];
  }
  if (other.code === 'extra-program' || other.code === 'by-hand')
    return flowsOfBoth(believed, other, one);
  if (!('station' in one) || !('station' in other) || one.station === other.station) return null;
  const { station } = one;
  return [
    ...flowsOf(believed, other).filter((flow) => flow.station !== station),
    ...flowsOf(believed, one).filter((flow) => flow.station === station),
  ];
}

/** Of faults that only add water to what is set, that water alone. */
export const flowsBeside = (
  believed: Believed,
  fault: FaultOf<'extra-program'> | FaultOf<'by-hand'>,
): Flow[] => (fault.code === 'by-hand' ? handFlows(fault) : leftoverFlows(believed, fault));

/** How large a change of what is believed it is, among faults of its kind. */
export const sizeOf = <Code extends FaultCode>(fault: FaultOf<Code>, believed: Believed): number =>
  KINDS[fault.code].size(fault, believed);

/** What happens, and what to look at or to try that tells it from others. `seen`: the water that was seen first. */
export const faultInWords = <Code extends FaultCode>(
  believed: Believed,
  fault: FaultOf<Code>,
  seen: SeenWater | undefined,
): { readonly happens: string; readonly check: string } => {
  const kind: FaultKind<Code> = KINDS[fault.code];
  return { happens: kind.happens(believed, fault, seen), check: kind.check(fault) };
};

/** How it shows, and what tells it fastest. */
export const showingOf = (code: FaultCode): { readonly shows: string; readonly tells: string } =>
  KINDS[code];

/** What to do about it, and what can hurt somebody at that; null: nothing can. */
export const mendingOf = <Code extends FaultCode>(
  fault: FaultOf<Code>,
): { readonly mend: string; readonly caution: string | null } => {
  const kind: FaultKind<Code> = KINDS[fault.code];
  return { mend: kind.mend(fault), caution: kind.caution ?? null };
};

/** An error that clocks have. */
export const isCommon = (fault: Fault): boolean =>
  fault.code === 'clock' && COMMON_OFFSETS.has(fault.offSeconds);

/** The lower, the likelier: the order of the faults, and a common error of a clock before an odd one. */
export const unlikelihood = (fault: Fault): number =>
  FAULT_CODES.indexOf(fault.code) + (fault.code === 'clock' && !isCommon(fault) ? 1 / 2 : 0);
