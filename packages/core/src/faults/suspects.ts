import {
  electricalFaultsOf,
  type ElectricalCode,
  type TerminalReading,
} from './electrical/index.js';
import type { Circuit, Lamp } from './circuits.js';
import type { HardwareCode } from './hardware-code.js';
import type { Wiring } from './hardware-fault.js';

/** What was found of a timer's circuits. */
export interface CircuitsFound {
  readonly wiring: Wiring;
  readonly power: 'mains' | 'battery';
  /** All stations that are wired, in order. */
  readonly stations: readonly number[];
  /** Of those that were checked. */
  readonly circuits: ReadonlyMap<number, Circuit>;
  /** Stations that stay shut though they are lit. */
  readonly shut: readonly number[];
  /** Of the pump relay or the master valve; null: there is none, or nobody looked. */
  readonly pump: Circuit | null;
  readonly lamp: Lamp;
}

/** What it can be, and at which stations; of none: it is of the timer as a whole. */
export interface Suspect {
  readonly code: HardwareCode;
  readonly stations: readonly number[];
}

/** What can be broken, by a check of the circuits and what the timer says; likelier ones first. */
export function suspectsOf(found: CircuitsFound): Suspect[] {
  const { stations, circuits, shut, pump, lamp, power } = found;
  const of = (circuit: Circuit) => stations.filter((one) => circuits.get(one) === circuit);
  const litAndShut = stations.filter(
    (one) => shut.includes(one) && (circuits.get(one) ?? 'fine') === 'fine',
  );
  const isMeasured = litAndShut.some((one) => circuits.has(one));
  return [
    ...(lamp === 'dark' ? DARK[power] : []).map((code) => ({ code, stations: [] })),
    ...(pump === 'open' || pump === 'short' ? [PUMP[pump]] : []),
    ...ofGroup(found, of('open'), 'open'),
    ...ofGroup(found, of('short'), 'short'),
    ...ofGroup(found, of('silent'), null),
    ...ofGroup(found, litAndShut, isMeasured ? 'fine' : null),
  ];
}

/** What leaves a display dark, likelier ones first. */
const DARK: Readonly<Record<'mains' | 'battery', readonly HardwareCode[]>> = {
  mains: ['transformer-dead', 'display-dark'],
  battery: ['battery-flat', 'display-dark'],
};

const PUMP: Readonly<Record<'open' | 'short', Suspect>> = {
  open: { code: 'pump-circuit-open', stations: [] },
  short: { code: 'pump-circuit-short', stations: [] },
};

/** What leaves these stations shut together; where nothing alone does, what several have in common, and each its own. */
function ofGroup(
  { wiring, stations }: CircuitsFound,
  group: readonly number[],
  reading: TerminalReading,
): Suspect[] {
  if (group.length === 0) return [];
  const causes = (shut: readonly number[]): ElectricalCode[] =>
    electricalFaultsOf({ wiring, stations, shut, reading }).map(({ code }) => code);
  const together = causes(group);
  const isOfOnePart = together.length === 0 && wiring === 'valve-wires' && reading === 'open';
  const codes = new Set<ElectricalCode>([
    ...together,
    ...(isOfOnePart ? (['common-open'] as const) : []),
    ...(together.length === 0 ? group.flatMap((station) => causes([station])) : []),
  ]);
  return [...codes].map((code) => ({ code, stations: group }));
}
