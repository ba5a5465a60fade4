import { setTimeout as pause } from 'node:timers/promises';
import { fieldOf } from '@water-clock/core/kernel';
import { QueryFailedError, type DataSource, type EntityManager } from 'typeorm';
import type { IsolationLevel } from 'typeorm/driver/types/IsolationLevel.js';
import { tooBusy } from './problem.js';

/** PostgreSQL's for a serialization failure and for a deadlock: done again, it may well go through. */
const MEETINGS: ReadonlySet<unknown> = new Set(['40001', '40P01']);
const MOST_ATTEMPTS = 5;
const PAUSE_MS = 25;

/** Whether a statement failed only because another transaction was at the same rows. */
export const isMeeting = (error: unknown): boolean =>
  error instanceof QueryFailedError && MEETINGS.has(fieldOf(error.driverError, 'code'));

/**
 * Carries out a transaction, and all of it again where it met another. `work` may be begun several times: what it
 * makes outside the database must be its own. What meets others again and again is answered with 503.
 */
export async function transact<Answer>(
  source: DataSource,
  work: (manager: EntityManager) => Promise<Answer>,
  isolation: IsolationLevel = 'READ COMMITTED',
): Promise<Answer> {
  for (let attempt = 1; attempt <= MOST_ATTEMPTS; attempt++) {
    try {
      return await source.transaction(isolation, work);
    } catch (error) {
      if (!isMeeting(error)) throw error;
      await pause(PAUSE_MS * attempt);
    }
  }
  throw tooBusy(1);
}
