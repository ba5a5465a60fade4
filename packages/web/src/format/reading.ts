/** How a person reads times of day. */
export type Clock = '24' | '12';
/** How a firm measures. */
export type UnitSystem = 'metric' | 'us';
