import type { Task } from '../computing/task.js';

interface Asked {
  readonly password: string;
  /** Words that somebody would try first: the name, the e-mail, the firm. */
  readonly own: readonly string[];
}

/** Beyond it a password grows no stronger for whoever guesses, only longer to look at. */
const LOOKED_AT = 48;

type Check = (password: string, own: readonly string[]) => number;
let check: Promise<Check> | undefined;

/** How hard a password is to guess: 0 and 1 are among those that are tried first, 4 is out of reach. */
export const STRENGTH_TASK: Task<Asked, number> = {
  name: 'password-strength',
  limitMs: 30_000,
  work: async ({ password, own }) => {
    check ??= checkWithList();
    return (await check)(password.slice(0, LOOKED_AT), own);
  },
};

/** The list of common passwords is loaded for the first that is looked at. */
async function checkWithList(): Promise<Check> {
  const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  const factory = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  return (password, own) => factory.check(password, [...own]).score;
}
