/** Something that one can go to, or have done, as it stands in the finder. */
export interface Line {
  /** Tells it from all others that are shown. */
  readonly key: string;
  readonly title: string;
  /** Where it is, in short. */
  readonly where: string;
  /** What sort of thing it is, in a word. */
  readonly sort: string;
  /** Its address, or what is done. */
  readonly act: string | (() => void);
}

export interface Group {
  readonly name: string;
  readonly lines: readonly Line[];
}

/** Those that have all the words, in their title or beside it. */
export function linesWith(words: string, lines: readonly Line[]): Line[] {
  const all = words.toLowerCase().split(/\s+/).filter(Boolean);
  return lines.filter(({ title, where, sort }) => {
    const text = `${title} ${where} ${sort}`.toLowerCase();
    return all.every((word) => text.includes(word));
  });
}
