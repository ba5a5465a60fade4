/** How hard it freezes at a home: never, on some nights, or into the ground. */
export const FROSTS = ['none', 'light', 'hard'] as const;

export type Frost = (typeof FROSTS)[number];
