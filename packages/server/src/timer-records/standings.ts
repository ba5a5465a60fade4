import { setTimeout as pause } from 'node:timers/promises';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { isTooMuch } from '@water-clock/core/engine';
import { TOO_MUCH, type Standing } from '@water-clock/core/standing';
import type { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import type { Asker } from '../computing/fair-queue.js';
import { BASIS } from './basis.js';
import { ALONE_MS, STANDINGS_TASK, type StandingsAsked } from './standing-task.js';
import { storedFacts } from './stored-facts.js';

/** How long a list waits for what is not worked out yet; the next time it is asked for, it may be there. */
const PATIENCE_MS = 1500;
/** The same where threads are at something else: nobody knows for how long. */
const PATIENCE_BEHIND_OTHERS_MS = 100;
/** Of so many timers at most it is worked out while somebody waits. */
const AT_ONCE = 50;
/** Few enough that whoever asks for something meanwhile hardly waits. */
const PREPARED_AT_ONCE = 5;

/** What is true of a timer is worked out once for each date and all that bears on it, and kept. */
@Injectable()
export class Standings {
  readonly #logger = new Logger('Standings');
  /** What threads are at, so that a list that is asked for again asks for nothing twice. */
  readonly #underWay = new Map<string, Promise<void>>();

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
  ) {}

  /** Works out what is missing of these timers on a date, and waits for it, but only for a moment. */
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

  /** The timers of a firm of which it is not known what is true on a date. */
  async missing(firmId: string, from: string): Promise<string[]> {
    return (await this.#missing(firmId, from)).map(({ id }) => id);
  }

  /** Of timers that somebody waits for, works out as many as can be had in a moment. */
  async workOutSome(asker: Asker, missing: readonly string[], from: string): Promise<void> {
    await this.workOut(asker, missing.slice(0, AT_ONCE), from);
  }

  /** Works out what is missing of a firm on a date, for whoever asks next; `zone` is that of their homes, null: not known. */
  async prepare(firmId: string, zone: string | null, from: string): Promise<number> {
    const all = await this.#missing(firmId, from);
    const ids = all.filter((one) => one.zone === zone).map(({ id }) => id);
    const asker = { firmId, personId: null };
    for (let first = 0; first < ids.length; first += PREPARED_AT_ONCE)
      await this.#all(asker, ids.slice(first, first + PREPARED_AT_ONCE), from);
    return ids.length;
  }

  async #missing(firmId: string, from: string): Promise<{ id: string; zone: string | null }[]> {
    return this.source.query(
      `SELECT t.id, p.time_zone AS zone FROM timers t
         JOIN properties p ON p.id = t.property_id
         JOIN timer_settings s ON s.timer_id = t.id
         LEFT JOIN standings o ON o.timer_id = t.id AND o.from_date = $2::date
       WHERE t.firm_id = $1 AND p.archived_at IS NULL
         AND o.basis IS DISTINCT FROM ${BASIS} ORDER BY t.id`,
      [firmId, from],
    );
  }

  /** All at once; where that is too much each alone, so that one of them is no burden to the others. */
  async #all(asker: Asker, timerIds: readonly string[], from: string): Promise<void> {
    // Before what it stands for: what changes meanwhile makes it another, and never an older one true.
    const basis = await this.#basisOf(timerIds);
    const { ids, ...asked } = await storedFacts(this.source, asker.firmId, timerIds, from);
    const answers = await this.#inThread(asker, asked);
    if (answers) return this.#store(ids, answers, basis, from);
    for (const [index, id] of ids.entries()) {
      const one = { ...asked, timers: [asked.timers[index]!] };
      await this.#store(
        [id],
        (await this.#inThread(asker, one, ALONE_MS)) ?? [TOO_MUCH],
        basis,
        from,
      );
    }
  }

  async #basisOf(timerIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await this.source.query<{ id: string; basis: string }[]>(
      `SELECT t.id, ${BASIS} AS basis FROM timers t
         JOIN properties p ON p.id = t.property_id
         JOIN timer_settings s ON s.timer_id = t.id WHERE t.id = ANY($1)`,
      [timerIds],
    );
    return new Map(rows.map(({ id, basis }) => [id, basis]));
  }

  /** Null where they are too much together. */
  async #inThread(
    asker: Asker,
    asked: StandingsAsked,
    limitMs = STANDINGS_TASK.limitMs,
  ): Promise<readonly Standing[] | null> {
    try {
      return await this.computing.run(asker, { ...STANDINGS_TASK, limitMs }, asked);
    } catch (error) {
      if (!isTooMuch(error)) throw error;
      return null;
    }
  }

  /** For the timers that are still there; what was true on dates far from this one nobody asks for any more. */
  async #store(
    ids: readonly string[],
    answers: readonly Standing[],
    basis: ReadonlyMap<string, string>,
    from: string,
  ): Promise<void> {
    const rows = ids.map((id, index) => ({
      ...{ timer_id: id, basis: basis.get(id) ?? '', document: answers[index] },
    }));
    await this.source.query(
      `WITH given AS (
         SELECT * FROM jsonb_to_recordset($1::jsonb) AS g (timer_id uuid, basis text, document jsonb)),
       still_there AS (
         SELECT t.id AS timer_id, t.firm_id FROM timers t JOIN given g ON g.timer_id = t.id
         FOR KEY SHARE OF t),
       gone AS (
         DELETE FROM standings o USING given g
         WHERE o.timer_id = g.timer_id AND abs(o.from_date - $2::date) > 3)
       INSERT INTO standings (timer_id, firm_id, from_date, basis, document)
       SELECT timer_id, firm_id, $2::date, basis, document
       FROM given JOIN still_there USING (timer_id) ORDER BY timer_id
       ON CONFLICT (timer_id, from_date) DO UPDATE SET
         basis = excluded.basis, document = excluded.document`,
      [JSON.stringify(rows), from],
    );
  }
}
