import { setTimeout as pause } from 'node:timers/promises';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { isTooMuch } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import type { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import type { Asker } from '../computing/fair-queue.js';
import { ALONE_MS, OUTLOOKS_TASK, TOO_MUCH, type WorkedOut } from './outlook-task.js';

/** How long a list waits for what is not worked out yet; the next time it is asked for, it may be there. */
const PATIENCE_MS = 1500;
/** The same where threads are at something else: nobody knows for how long. */
const PATIENCE_BEHIND_OTHERS_MS = 100;
/** Few enough that whoever asks for something meanwhile hardly waits. */
const PREPARED_AT_ONCE = 5;

interface Settings {
  readonly timerId: string;
  readonly version: number;
  readonly document: Plan;
}

/** What settings bring is worked out once for each of their versions and each date, and kept. */
@Injectable()
export class Outlooks {
  readonly #logger = new Logger('Outlooks');
  /** What threads are at, so that a list that is asked for again asks for nothing twice. */
  readonly #underWay = new Map<string, Promise<void>>();

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
  ) {}

  /** Works out what is missing of these timers from a date on, and waits for it, but only for a moment. */
  async workOut(asker: Asker, timerIds: readonly string[], from: string): Promise<void> {
    const patienceMs = this.computing.isIdle ? PATIENCE_MS : PATIENCE_BEHIND_OTHERS_MS;
    const fresh = timerIds.filter((id) => !this.#underWay.has(`${id} ${from}`));
    if (fresh.length > 0) {
      const work = this.#all(asker, fresh, from).catch((error: unknown) => {
        this.#logger.warn(`not worked out: ${String(error)}`);
      });
      for (const id of fresh) {
        const key = `${id} ${from}`;
        this.#underWay.set(key, work);
        void work.finally(() => this.#underWay.delete(key));
      }
    }
    const all = timerIds.flatMap((id) => this.#underWay.get(`${id} ${from}`) ?? []);
    const patience = new AbortController();
    await Promise.race([
      Promise.all(all),
      pause(patienceMs, undefined, { signal: patience.signal }).catch(() => undefined),
    ]);
    patience.abort();
  }

  /** What is missing of a firm from a date on, for whoever asks next; `zone` is that of its homes, null: not known. */
  async prepare(firmId: string, zone: string | null, from: string): Promise<number> {
    const rows = await this.source.query<{ id: string }[]>(
      `SELECT t.id FROM timers t
         JOIN properties p ON p.id = t.property_id
         JOIN timer_settings s ON s.timer_id = t.id
         LEFT JOIN outlooks o ON o.timer_id = t.id
           AND o.from_date = $3::date AND o.settings_version = s.version
       WHERE t.firm_id = $1 AND p.time_zone IS NOT DISTINCT FROM $2 AND p.archived_at IS NULL
         AND o.timer_id IS NULL ORDER BY t.id`,
      [firmId, zone, from],
    );
    const asker = { firmId, personId: null };
    for (let first = 0; first < rows.length; first += PREPARED_AT_ONCE) {
      const some = rows.slice(first, first + PREPARED_AT_ONCE).map(({ id }) => id);
      await this.#all(asker, some, from);
    }
    return rows.length;
  }

  /** All at once; where that is too much each alone, so that one of them is no burden to the others. */
  async #all(asker: Asker, timerIds: readonly string[], from: string): Promise<void> {
    const settings: Settings[] = await this.source.query(
      `SELECT timer_id AS "timerId", version, document FROM timer_settings
       WHERE timer_id = ANY($1)`,
      [timerIds],
    );
    const answers = await this.#inThread(asker, settings, from);
    if (answers) return this.#store(settings, answers, from);
    for (const one of settings) {
      const own = (await this.#inThread(asker, [one], from, ALONE_MS)) ?? [TOO_MUCH];
      await this.#store([one], own, from);
    }
  }

  /** Null where they are too much together. */
  async #inThread(
    asker: Asker,
    settings: readonly Settings[],
    from: string,
    limitMs = OUTLOOKS_TASK.limitMs,
  ): Promise<readonly WorkedOut[] | null> {
    const plans = settings.map(({ document }) => document);
    try {
      return await this.computing.run(asker, { ...OUTLOOKS_TASK, limitMs }, { plans, from });
    } catch (error) {
      if (!isTooMuch(error)) throw error;
      return null;
    }
  }

  /** For the settings that are still there; those of dates far from this one nobody asks for any more. */
  async #store(
    settings: readonly Settings[],
    answers: readonly WorkedOut[],
    from: string,
  ): Promise<void> {
    const rows = settings.map(({ timerId, version }, index) => ({
      ...{ timer_id: timerId, settings_version: version },
      ...{ is_too_much: answers[index]!.isTooMuch, collisions: answers[index]!.collisions },
      ...{ runs: answers[index]!.runs, first_collision: answers[index]!.firstCollision },
    }));
    await this.source.query(
      `WITH given AS (
         SELECT * FROM jsonb_to_recordset($1::jsonb) AS g (timer_id uuid, settings_version integer,
           is_too_much boolean, collisions integer, runs integer, first_collision text)),
       still_there AS (
         SELECT s.timer_id, s.firm_id FROM timer_settings s JOIN given USING (timer_id) FOR KEY SHARE OF s),
       gone AS (
         DELETE FROM outlooks o USING given g
         WHERE o.timer_id = g.timer_id AND abs(o.from_date - $2::date) > 3)
       INSERT INTO outlooks (timer_id, firm_id, from_date, settings_version,
         is_too_much, collisions, runs, first_collision)
       SELECT timer_id, firm_id, $2::date, settings_version, is_too_much, collisions, runs, first_collision
       FROM given JOIN still_there USING (timer_id) ORDER BY timer_id
       ON CONFLICT (timer_id, from_date) DO UPDATE SET
         settings_version = excluded.settings_version, is_too_much = excluded.is_too_much,
         collisions = excluded.collisions, runs = excluded.runs,
         first_collision = excluded.first_collision
       WHERE outlooks.settings_version < excluded.settings_version`,
      [JSON.stringify(rows), from],
    );
  }
}
