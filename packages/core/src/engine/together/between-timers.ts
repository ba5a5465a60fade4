/** Clocks drift: what ends in the moment in which another timer begins leaves it no room. */
export const BETWEEN_TIMERS_SECONDS = 300;
