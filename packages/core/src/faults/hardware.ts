import { ELECTRICAL_FAULTS } from './electrical/index.js';
import type { HardwareCode } from './hardware-code.js';
import type { PartFault, Wiring } from './hardware-fault.js';
import { PART_FAULTS } from './timer-parts/index.js';

const ALL: readonly PartFault[] = [...ELECTRICAL_FAULTS, ...PART_FAULTS];

export const hardwareFault = (code: HardwareCode): PartFault =>
  ALL.find((fault) => fault.code === code)!;

/** Those that a timer which is wired and fed so can have. */
export const hardwareFaultsOf = (
  wiring: Wiring,
  power: 'mains' | 'battery',
): readonly PartFault[] =>
  ALL.filter(({ wirings, powers }) => wirings.includes(wiring) && powers.includes(power));
