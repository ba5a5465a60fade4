/** What a check of a station's circuit shows; on two wires a unit answers, or is silent. */
export const CIRCUITS = ['fine', 'open', 'short', 'silent'] as const;
export type Circuit = (typeof CIRCUITS)[number];

/** What the timer itself says, by its lamp or its display. */
export const LAMPS = ['none', 'program', 'wiring', 'dark'] as const;
export type Lamp = (typeof LAMPS)[number];
