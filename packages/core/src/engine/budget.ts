/**
 * What one plan may cost to work out: more than any timer's settings come to, and little enough to be there in
 * seconds and to fit into memory.
 */
const MOST = {
  /** Pieces of water that are laid out or told, and collisions. */
  pieces: 2_000_000,
  /** Looks at one thing beside another, of which each takes next to no time. */
  looks: 150_000_000,
};

const NAME = 'TooMuchToWorkOut';

/** Settings, or a stretch of dates, that would take longer to work out than anybody waits. */
export class TooMuchToWorkOut extends Error {
  override readonly name = NAME;

  constructor(readonly of: keyof typeof MOST) {
    super(`more than ${MOST[of]} ${of}`);
  }
}

/** True for it also where it came over from a worker, which hands on no more than names. */
export const isTooMuch = (error: unknown): boolean => error instanceof Error && error.name === NAME;

/** Counts what is spent on one question about a plan. */
export class Budget {
  readonly #left = { ...MOST };

  /** @throws TooMuchToWorkOut before that much is done, where it is no longer there */
  spend(of: keyof typeof MOST, count: number): void {
    this.#left[of] -= count;
    if (this.#left[of] < 0) throw new TooMuchToWorkOut(of);
  }
}
