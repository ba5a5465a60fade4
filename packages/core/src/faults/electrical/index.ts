import { CABLE_OPEN } from './cable-open.js';
import { CABLE_SHORT } from './cable-short.js';
import { COIL_OPEN } from './coil-open.js';
import { COIL_SHORT } from './coil-short.js';
import { COMMON_OPEN } from './common-open.js';
import type { Wiring } from '../hardware-fault.js';
import type { ElectricalFault, TerminalReading } from './electrical-fault.js';
import { MODULE_DEAD } from './module-dead.js';
import { SPLICE_WET } from './splice-wet.js';
import { TRANSFORMER_DEAD } from './transformer-dead.js';
import { UNIT_SILENT } from './unit-silent.js';
import { WIRE_OPEN } from './wire-open.js';

export type { ElectricalCode } from './electrical-code.js';
export type { ElectricalFault, TerminalReading } from './electrical-fault.js';

/** Likelier ones first. */
export const ELECTRICAL_FAULTS: readonly ElectricalFault[] = [
  WIRE_OPEN,
  COIL_SHORT,
  COIL_OPEN,
  SPLICE_WET,
  COMMON_OPEN,
  UNIT_SILENT,
  CABLE_OPEN,
  MODULE_DEAD,
  TRANSFORMER_DEAD,
  CABLE_SHORT,
];

interface Found {
  readonly wiring: Wiring;
  /** All stations that are wired, in order. */
  readonly stations: readonly number[];
  /** Those that stay shut. */
  readonly shut: readonly number[];
  /** What the meter showed at one of them; null: nobody measured. */
  readonly reading: TerminalReading;
}

/** Which of them it can be by the stations that stay shut and what the meter showed there; likelier ones first. */
export const electricalFaultsOf = ({ wiring, stations, shut, reading }: Found): ElectricalFault[] =>
  ELECTRICAL_FAULTS.filter(
    (fault) =>
      fault.wirings.includes(wiring) &&
      (reading === null || fault.reading === null || fault.reading === reading) &&
      shut.some((at) => isSame(fault.shuts(stations, at), shut)),
  );

const isSame = (one: readonly number[], other: readonly number[]): boolean =>
  one.length === other.length && one.every((station) => other.includes(station));
