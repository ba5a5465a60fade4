import { FAULT_CODES, type Fault } from '../faults/index.js';
import type { Believed } from '../faults/index.js';
import { isCommonOffset } from './candidates/clocks.js';

/** The lower, the likelier: the order of the faults, and a common error of a clock before an odd one. */
export function unlikelihood(fault: Fault): number {
  const isOdd = fault.code === 'clock' && !isCommonOffset(fault.offSeconds);
  return FAULT_CODES.indexOf(fault.code) + (isOdd ? 1 / 2 : 0);
}

/** How large a change of what is believed it is, among faults of its code. */
export function sizeOf(fault: Fault, { plan }: Believed): number {
  switch (fault.code) {
    case 'clock':
      return Math.abs(fault.offSeconds);
    case 'percent': {
      const { season } = plan.controller;
      return Math.abs(fault.percent - (season.mode === 'whole' ? season.percent : 100));
    }
    case 'extra-program':
      return fault.dates.length;
    case 'by-hand':
      return fault.pieces.length;
    case 'valve-stuck':
      return fault.isAlways ? 1 : 0;
    default:
      return 0;
  }
}
