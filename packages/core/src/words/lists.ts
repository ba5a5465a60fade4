/** @example listInWords(['A', 'B', 'C']) // "A, B and C" */
export const listInWords = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;

/** @example counted(2, 'start') // "2 starts" */
export const counted = (count: number, noun: string): string =>
  `${count} ${noun}${count === 1 ? '' : 's'}`;
