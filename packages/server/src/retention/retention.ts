import type { DataSource, EntityManager } from 'typeorm';
import { transact } from '../platform/transact.js';
import { eraseProperty } from '../erasure/erased.js';
import { Firm } from '../schema/firm.entity.js';

/** What a firm need not keep any longer, and how much of it went. */
export interface Retained {
  readonly removals: number;
  readonly changes: number;
  readonly visits: number;
  readonly sheets: number;
  readonly copies: number;
  readonly properties: number;
}

/** Lets go of what a firm keeps no longer, as of `now`. What is in a timer, or is to be done, stays. */
export async function letGo(source: DataSource, firmId: string, now: Date): Promise<Retained> {
  const firm = await source.manager.findOneBy(Firm, { id: firmId });
  const none = { removals: 0, changes: 0, visits: 0, sheets: 0, copies: 0, properties: 0 };
  if (!firm) return none;
  const { keepRemovedDays, keepChangesMonths, keepVisitsMonths, keepArchivedMonths } = firm;
  const ago = (span: string) => (manager: EntityManager, statement: string) =>
    affectedBy(manager, statement, [firmId, now.toISOString(), span]);
  const within = <Answer>(work: (manager: EntityManager) => Promise<Answer>) =>
    transact(source, work);

  const removals = await within((manager) =>
    ago(`${keepRemovedDays} days`)(
      manager,
      'DELETE FROM removals WHERE firm_id = $1 AND removed_at < $2::timestamptz - $3::interval',
    ),
  );
  const records =
    keepVisitsMonths === null
      ? none
      : await within((manager) => oldRecords(manager, ago(`${keepVisitsMonths} months`)));
  const properties =
    keepArchivedMonths === null
      ? 0
      : await oldProperties(source, firmId, now, `${keepArchivedMonths} months`);
  const changes =
    keepChangesMonths === null
      ? 0
      : await within((manager) =>
          ago(`${keepChangesMonths} months`)(
            manager,
            `UPDATE changes SET person_name = NULL, name = NULL, fields = NULL
             WHERE firm_id = $1 AND made_at < $2::timestamptz - $3::interval
               AND (person_name IS NOT NULL OR name IS NOT NULL OR fields IS NOT NULL)`,
          ),
        );
  return { ...records, removals, changes, properties };
}

type Ago = (manager: EntityManager, statement: string) => Promise<number>;

async function oldRecords(
  manager: EntityManager,
  ago: Ago,
): Promise<Pick<Retained, 'visits' | 'sheets' | 'copies'>> {
  return {
    // What was ticked after the last reading is part of what is in the timer.
    visits: await ago(
      manager,
      `DELETE FROM visits v WHERE firm_id = $1 AND ended_at < $2::timestamptz - $3::interval
         AND NOT EXISTS (SELECT 1 FROM jobs j WHERE j.visit_id = v.id AND j.done_at IS NULL)
         AND ended_at < (SELECT max(c.made_at) FROM copies c
           WHERE c.timer_id = v.timer_id AND c.reason IN ('as-found', 'left'))
         -- By the last visit, and by the last of each care, it is known what falls due.
         AND EXISTS (SELECT 1 FROM visits n
           WHERE n.timer_id = v.timer_id AND n.started_at > v.started_at)
         AND NOT EXISTS (SELECT 1 FROM visit_entries e
           WHERE e.visit_id = v.id AND e.document ->> 'kind' = 'care'
             AND NOT EXISTS (SELECT 1 FROM visit_entries f JOIN visits n ON n.id = f.visit_id
               WHERE n.timer_id = v.timer_id AND n.started_at > v.started_at
                 AND f.document ->> 'kind' = 'care' AND f.document -> 'isDone' = 'true'
                 AND f.document ->> 'what' = e.document ->> 'what'))`,
    ),
    sheets: await ago(
      manager,
      `DELETE FROM sheets s WHERE firm_id = $1 AND made_at < $2::timestamptz - $3::interval
         AND EXISTS (SELECT 1 FROM sheets n WHERE n.timer_id = s.timer_id AND n.made_at > s.made_at)`,
    ),
    // One that somebody gave a name is kept on purpose.
    copies: await ago(
      manager,
      `DELETE FROM copies c WHERE firm_id = $1 AND made_at < $2::timestamptz - $3::interval
         AND NOT is_in_timer AND name = ''
         AND EXISTS (SELECT 1 FROM copies n WHERE n.timer_id = c.timer_id AND n.number > c.number
           AND n.reason IN ('as-found', 'left'))`,
    ),
  };
}

async function oldProperties(
  source: DataSource,
  firmId: string,
  now: Date,
  span: string,
): Promise<number> {
  const rows = await source.query<{ id: string }[]>(
    `SELECT id FROM properties
     WHERE firm_id = $1 AND archived_at < $2::timestamptz - $3::interval ORDER BY id`,
    [firmId, now.toISOString(), span],
  );
  let erased = 0;
  for (const { id } of rows)
    erased += await transact(source, async (manager) => {
      // Somebody may have brought it back meanwhile.
      const held = await manager.query<unknown[]>(
        `SELECT 1 FROM properties WHERE firm_id = $1 AND id = $2
           AND archived_at < $3::timestamptz - $4::interval FOR UPDATE`,
        [firmId, id, now.toISOString(), span],
      );
      if (held.length > 0) await eraseProperty(manager, firmId, id);
      return held.length;
    });
  return erased;
}

async function affectedBy(
  manager: EntityManager,
  statement: string,
  values: readonly string[],
): Promise<number> {
  const [, count] = await manager.query<[unknown, number]>(statement, [...values]);
  return count;
}
