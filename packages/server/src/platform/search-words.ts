const PHONE = /^\+?[\d().\-/]{4,}$/;

/** The words that something is found by, all of them, as the database keeps them. */
export const searchWords = (typed: string): string[] =>
  typed
    .normalize()
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => (PHONE.test(word) ? word.replace(/[().\-/+]/g, '') || word : word));

/** For LIKE: holds a word anywhere. */
export const holding = (word: string): string => `%${word.replace(/[\\%_]/g, '\\$&')}%`;
