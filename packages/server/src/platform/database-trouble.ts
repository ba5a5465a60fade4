import { fieldOf } from '@water-clock/core/kernel';

const codeOf = (error: unknown): unknown =>
  fieldOf(fieldOf(error, 'driverError'), 'code') ?? fieldOf(error, 'code');

/** PostgreSQL's codes, and those of the network, with which a database is away for a while. */
const AWAY =
  /^(08...|57P0[123]|53300|57014|ECONN(REFUSED|RESET|ABORTED)|ETIMEDOUT|EPIPE|EHOSTUNREACH)$/;
/** The driver says some of them in words only; a transaction whose connection went, in words of its own. */
const AWAY_WORDS =
  /connection terminated|query runner already released|timeout exceeded when trying to connect|client has encountered/i;

/** Whether a statement failed because the database is away, or has too much to do: it may be asked again. */
export const isAway = (error: unknown): boolean =>
  AWAY.test(String(codeOf(error))) || (error instanceof Error && AWAY_WORDS.test(error.message));

const SENTENCES: readonly (readonly [RegExp, string])[] = [
  [/^ECONNREFUSED$/, 'nobody listens there: is PostgreSQL running?'],
  [/^(ENOTFOUND|EAI_AGAIN)$/, 'there is no such host.'],
  [/^(ETIMEDOUT|EHOSTUNREACH)$/, 'the host does not answer.'],
  [/^3D000$/, 'there is no such database: make it with createdb first.'],
  [/^28...$/, 'the user or the password is refused.'],
  [/^53100$/, 'its disk is full: make room, and start again.'],
  [/^53300$/, 'it has no connection left: raise max_connections, or lower DATABASE_POOL.'],
  [/^57P03$/, 'it is still starting up: try again in a moment.'],
];

/**
 * Why a database cannot be used, in one sentence that names it, its password left out; null where it is not for a
 * reason that the sentence could name.
 */
export function databaseTrouble(url: string, error: unknown): string | null {
  const place = url.replace(/\/\/([^:@/]*):[^@/]*@/, '//$1@');
  const code = String(codeOf(error));
  const [, words] = SENTENCES.find(([codes]) => codes.test(code)) ?? [];
  return words === undefined ? null : `The database at ${place} cannot be used: ${words}`;
}
