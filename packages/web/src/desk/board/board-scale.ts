import type { NightSpan } from '../../computing/board-model';

/** From seconds since noon to pixels along the board. */
export type Scale = (second: number) => number;

export const LABEL_WIDTH = 126;
export const AXIS_HEIGHT = 22;
export const RIGHT_MARGIN = 10;

/** The part of a span that the axis shows. */
export const clip = (span: NightSpan, axis: NightSpan): NightSpan => ({
  from: Math.min(Math.max(span.from, axis.from), axis.to),
  to: Math.max(Math.min(span.to, axis.to), axis.from),
});
