import { availableParallelism } from 'node:os';
import { argon2id, hash, verify } from 'argon2';
import pLimit from 'p-limit';
import { tooBusy } from '../platform/problem.js';

/**
 * A hash takes a core and a thread for some tenths of a second: one core is left for those who ask for less, and two of
 * the four threads for all else that reads a file.
 */
const AT_ONCE = Math.max(1, Math.min(2, availableParallelism() - 1));
const MOST = 40;
const RETRY_SECONDS = 5;

const turns = pLimit(AT_ONCE);

/** One after the other; who comes when the queue is full is asked to come again. */
function inTurn<Answer>(work: () => Promise<Answer>): Promise<Answer> {
  if (turns.activeCount + turns.pendingCount >= MOST) throw tooBusy(RETRY_SECONDS);
  return turns(work);
}

/** argon2id. */
export const passwordHash = async (password: string): Promise<string> =>
  inTurn(() => hash(password, { type: argon2id }));

/** Whether a password is the one that a hash was made of. */
export const isPassword = async (hashed: string, password: string): Promise<boolean> =>
  inTurn(() => verify(hashed, password));
