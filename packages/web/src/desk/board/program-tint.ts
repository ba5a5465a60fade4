/** The colour of a program's water, by its place among the timer's programs: always the blue family. */
export const programTint = (order: number): string => `var(--water-${Math.max(0, order) % 4})`;
