import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { plannedChangeKey, type Due } from '@water-clock/core/dues';
import { homesChangeInWords, readHomesChange } from '@water-clock/core/rollouts';
import Papa from 'papaparse';
import type { DataSource } from 'typeorm';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Rollout } from '../schema/rollout.entity.js';
import { BASIS } from '../timer-records/basis.js';
import { Standings } from '../timer-records/standings.js';
import { IS_ACCEPTABLE } from './acceptable.js';
import { refuseOtherHomes, refuseUnknown } from './refused.js';
import { RolloutWork } from './rollout-work.js';
import type {
  NewRollout,
  Progress,
  RolloutAnswer,
  RolloutListing,
  RolloutTimersQuery,
  TimerOfRollout,
  TimersOfRollout,
  Which,
} from './rollout.dto.js';

const MOST_LISTED = 100;
const MOST_IN_FILE = 20_000;

const WHICH_SQL: Readonly<Record<Which, string>> = {
  all: `r.outcome IS DISTINCT FROM 'untouched'`,
  accepted: 'r.accepted_at IS NOT NULL',
  untouched: `r.outcome = 'untouched'`,
  well: `r.outcome = 'well'`,
  breaks: `r.outcome = 'breaks'`,
  'was-broken': `r.outcome = 'was-broken'`,
  'too-much': `r.outcome = 'too-much'`,
};

/** How many values of an accepted change are to be keyed in, and not read back: by what is true of the timer on $2. */
const STANDING_JOIN = `JOIN timers t ON t.id = r.timer_id
  JOIN properties p ON p.id = t.property_id
  JOIN timer_settings s ON s.timer_id = t.id
  LEFT JOIN standings o ON o.timer_id = t.id AND o.from_date = $2::date
    AND o.basis IS NOT DISTINCT FROM ${BASIS}`;

/** What was said of it last: that it is done, or put off until after $2; $3 is the key of what is due. */
const SAID = `LEFT JOIN LATERAL (
    SELECT d.done_by, d.until_date, d.reason FROM due_answers d
    WHERE d.timer_id = t.id AND d.key = $3
    ORDER BY d.made_at DESC LIMIT 1) u ON u.done_by IS NOT NULL OR u.until_date > $2::date`;

const PROGRESS_SQL = `CASE
  WHEN r.accepted_at IS NULL THEN
    CASE WHEN u.until_date IS NOT NULL AND r.outcome IN ('breaks', 'was-broken')
      THEN 'put-off' END
  WHEN o.document IS NULL THEN NULL
  WHEN (o.document ->> 'values')::integer = 0 THEN
    CASE WHEN o.document -> 'reasons' @> '[{"kind": "confirm"}]' THEN 'keyed-in' ELSE 'read-back' END
  WHEN u.done_by = 'household' THEN 'household'
  WHEN u.done_by = 'firm' THEN 'keyed-in'
  WHEN u.until_date IS NOT NULL THEN 'put-off'
  WHEN EXISTS (SELECT 1 FROM planned_visits v WHERE v.property_id = p.id AND v.visit_id IS NULL)
    THEN 'planned'
  WHEN r.messaged_at IS NOT NULL THEN 'messaged'
  ELSE 'to-do' END`;

const LISTED = `SELECT b.id, b.name, b.change, b.on_date::text AS "on", b.from_date::text AS "from",
    b.state, b.in_force_at AS "inForceAt", b.closed_at AS "closedAt",
    b.created_at AS "createdAt", b.made_by AS "madeBy", c.*
  FROM rollouts b
  CROSS JOIN LATERAL (SELECT count(*)::integer AS "of",
      count(r.outcome)::integer AS tried,
      count(*) FILTER (WHERE r.outcome IN ('breaks', 'was-broken'))::integer AS "toFix",
      count(*) FILTER (WHERE r.outcome IN ('breaks', 'was-broken') AND r.fix IS NOT NULL)::integer
        AS fixed,
      count(*) FILTER (WHERE ${IS_ACCEPTABLE})::integer AS acceptable,
      count(r.accepted_at)::integer AS accepted,
      jsonb_build_object(
        'untouched', count(*) FILTER (WHERE r.outcome = 'untouched'),
        'well', count(*) FILTER (WHERE r.outcome = 'well'),
        'breaks', count(*) FILTER (WHERE r.outcome = 'breaks'),
        'wasBroken', count(*) FILTER (WHERE r.outcome = 'was-broken'),
        'tooMuch', count(*) FILTER (WHERE r.outcome = 'too-much')) AS outcomes
    FROM rollout_timers r WHERE r.rollout_id = b.id) c`;

interface ListedRow extends Omit<RolloutListing, 'inForceAt' | 'closedAt' | 'createdAt'> {
  readonly inForceAt: Date | null;
  readonly closedAt: Date | null;
  readonly createdAt: Date;
}

/** Changes of many homes: what each does where, and how far it is. */
@Injectable()
export class RolloutsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly work: RolloutWork,
    private readonly standings: Standings,
  ) {}

  async list(firmId: string): Promise<RolloutListing[]> {
    const rows = await this.source.query<ListedRow[]>(
      `${LISTED} WHERE b.firm_id = $1
       ORDER BY (b.closed_at IS NULL) DESC, b.created_at DESC, b.id LIMIT ${MOST_LISTED}`,
      [firmId],
    );
    return rows.map(listing);
  }

  async one(person: SignedIn, id: string, on: string): Promise<RolloutAnswer> {
    const [row] = await this.source.query<ListedRow[]>(
      `${LISTED} WHERE b.firm_id = $1 AND b.id = $2`,
      [person.firmId, id],
    );
    if (!row) throw notFound('change');
    await this.#workOutSome(person, id, on);
    const counts = await this.source.query<{ progress: Progress | null; count: number }[]>(
      `SELECT ${PROGRESS_SQL} AS progress, count(*)::integer AS count
       FROM rollout_timers r ${STANDING_JOIN} ${SAID}
       WHERE r.rollout_id = $1 AND (r.accepted_at IS NOT NULL OR u.until_date IS NOT NULL)
       GROUP BY 1`,
      [id, on, plannedChangeKey(id)],
    );
    const of = (progress: Progress | null) =>
      counts.find((one) => one.progress === progress)?.count ?? 0;
    return {
      ...listing(row),
      progress: {
        ...{ readBack: of('read-back'), keyedIn: of('keyed-in'), household: of('household') },
        ...{ messaged: of('messaged'), putOff: of('put-off'), planned: of('planned') },
        toDo: of('to-do'),
      },
      pending: of(null),
    };
  }

  /** Has a change tried on all timers that it touches; one that was begun already under this id is given back. */
  async begin(person: SignedIn, fields: NewRollout): Promise<RolloutAnswer> {
    const { firmId, name: madeBy } = person;
    const change = wholeDocument(fields.change, readHomesChange, 'change');
    const { id: ownId, on, from, propertyIds = null } = fields;
    const id = await transact(this.source, async (manager) => {
      const known = ownId && (await manager.findOneBy(Rollout, { id: ownId }));
      if (known) {
        if (known.firmId !== firmId) throw badInput([{ path: 'id', message: 'is taken' }]);
        return known.id;
      }
      await refuseUnknown(manager, firmId, change);
      await refuseOtherHomes(manager, firmId, propertyIds);
      const name = fields.name.trim() || homesChangeInWords(change);
      const made = await manager.save(
        manager.create(Rollout, {
          ...{ ...(ownId && { id: ownId }), firmId, madeBy, name, change },
          ...{ onDate: on, fromDate: from },
        }),
      );
      await manager.query(
        `INSERT INTO rollout_timers (rollout_id, timer_id, firm_id)
         SELECT $1, t.id, t.firm_id FROM timers t JOIN properties p ON p.id = t.property_id
         WHERE t.firm_id = $2 AND p.archived_at IS NULL
           AND ($3::uuid IS NULL OR p.rule_set_id = $3) AND ($4::uuid IS NULL OR t.kind_id = $4)
           AND ($5::uuid[] IS NULL OR p.id = ANY($5))`,
        [
          ...[made.id, firmId],
          change.kind === 'rules' ? change.ruleSetId : null,
          change.kind === 'timer-type' ? change.timerTypeId : null,
          propertyIds,
        ],
      );
      return made.id;
    });
    await this.work.begin(id);
    return this.one(person, id, on);
  }

  async timers(
    person: SignedIn,
    id: string,
    { on, which, skip, take }: RolloutTimersQuery,
  ): Promise<TimersOfRollout> {
    await this.refuseOther(person.firmId, id);
    await this.#workOutSome(person, id, on);
    const [{ total } = { total: 0 }] = await this.source.query<{ total: number }[]>(
      `SELECT count(*)::integer AS total FROM rollout_timers r
       JOIN timers t ON t.id = r.timer_id JOIN properties p ON p.id = t.property_id
       WHERE r.rollout_id = $1 AND ${WHICH_SQL[which]}`,
      [id],
    );
    return { timers: await this.#rows(id, { on, which, skip, take }), total };
  }

  /** All timers that a change touches, as a table for a spreadsheet; what would be a formula there is text. */
  async csv({ firmId }: SignedIn, id: string, on: string): Promise<string> {
    await this.refuseOther(firmId, id);
    const rows = await this.#rows(id, { on, which: 'all', skip: 0, take: MOST_IN_FILE });
    const table = rows.map(({ home, name, outcome, breaks, fix, values, progress, plannedOn }) => ({
      ...{ property: home.name, address: home.address, town: home.town, timer: name },
      ...{
        outcome: outcome ?? 'not tried yet',
        since: breaks.flatMap(({ first }) => first ?? []).sort()[0] ?? '',
      },
      breaks: breaks.map(({ message }) => message).join(' '),
      fix: fix?.changes.map(({ says }) => says).join(' ') ?? '',
      ...{ values, progress: progress ?? '', visit: plannedOn ?? '' },
    }));
    return Papa.unparse(table, { escapeFormulae: true, columns: COLUMNS });
  }

  async stop(person: SignedIn, id: string, on: string): Promise<RolloutAnswer> {
    await this.#setState(person, id, 'stopped', 'working');
    return this.one(person, id, on);
  }

  async goOn(person: SignedIn, id: string, on: string): Promise<RolloutAnswer> {
    await this.#setState(person, id, 'working', 'stopped');
    await this.work.begin(id);
    return this.one(person, id, on);
  }

  /** Nothing is due any more of what was accepted. */
  async close({ firmId }: SignedIn, id: string, isClosed: boolean): Promise<void> {
    await this.refuseOther(firmId, id);
    await transact(this.source, (manager) =>
      manager.query(
        `UPDATE rollouts SET closed_at = CASE WHEN $2 THEN coalesce(closed_at, now()) END,
           state = CASE WHEN $2 AND state = 'working' THEN 'stopped' ELSE state END WHERE id = $1`,
        [id, isClosed],
      ),
    );
  }

  /** Somebody opened a message to the household. */
  async messaged({ firmId }: SignedIn, id: string, timerId: string): Promise<void> {
    const [, count] = await transact(this.source, (manager) =>
      manager.query<[unknown[], number]>(
        `UPDATE rollout_timers SET messaged_at = now()
         WHERE rollout_id = $1 AND timer_id = $2 AND firm_id = $3 AND accepted_at IS NOT NULL`,
        [id, timerId, firmId],
      ),
    );
    if (count === 0) throw notFound('accepted change of this timer');
  }

  async refuseOther(firmId: string, id: string): Promise<void> {
    if (!(await this.source.manager.existsBy(Rollout, { firmId, id }))) throw notFound('change');
  }

  async #setState(
    { firmId }: SignedIn,
    id: string,
    state: Rollout['state'],
    from: Rollout['state'],
  ): Promise<void> {
    await this.refuseOther(firmId, id);
    await transact(this.source, (manager) =>
      manager.update(Rollout, { firmId, id, state: from }, { state }),
    );
  }

  async #workOutSome(person: SignedIn, id: string, on: string): Promise<void> {
    const missing = await this.source.query<{ id: string }[]>(
      `SELECT t.id FROM rollout_timers r ${STANDING_JOIN}
       WHERE r.rollout_id = $1 AND r.accepted_at IS NOT NULL AND o.document IS NULL
       ORDER BY t.id`,
      [id, on],
    );
    if (missing.length > 0)
      await this.standings.workOutSome(
        askerOf(person),
        missing.map((one) => one.id),
        on,
      );
  }

  async #rows(
    id: string,
    { on, which, skip, take }: RolloutTimersQuery,
  ): Promise<TimerOfRollout[]> {
    const key = plannedChangeKey(id);
    const rows = await this.source.query<TimerRow[]>(
      `SELECT t.id, t.name, jsonb_array_length(s.document -> 'stations') AS stations, p.language,
         jsonb_build_object('id', p.id, 'name', p.name, 'address', p.address, 'town', p.town,
           'contactName', p.contact_name, 'contactPhone', p.contact_phone,
           'contactEmail', p.contact_email, 'gateNotes', p.gate_notes,
           'latitude', p.latitude, 'longitude', p.longitude) AS home,
         r.outcome, r.breaks, r.fix, r.values_changed AS values,
         ${IS_ACCEPTABLE} AS "isAcceptable", r.accepted_at AS "acceptedAt",
         ${PROGRESS_SQL} AS progress, o.document -> 'dues' AS dues,
         CASE WHEN u.until_date IS NOT NULL THEN jsonb_build_object(
           'until', u.until_date::text, 'reason', u.reason) END AS "putOff",
         (SELECT greatest(min(v.on_date), $2::date)::text FROM planned_visits v
          WHERE v.property_id = p.id AND v.visit_id IS NULL HAVING count(*) > 0) AS "plannedOn"
       FROM rollout_timers r ${STANDING_JOIN} ${SAID}
       WHERE r.rollout_id = $1 AND ${WHICH_SQL[which]}
       ORDER BY (r.outcome IS NULL), array_position(ARRAY['breaks', 'was-broken', 'too-much',
         'well', 'untouched'], r.outcome), lower(p.name), p.id, t.name, t.id
       OFFSET ${skip} LIMIT ${take}`,
      [id, on, key],
    );
    return rows.map(({ dues, acceptedAt, ...row }) => ({
      ...row,
      acceptedAt: acceptedAt?.toISOString() ?? null,
      due: (dues ?? []).find((due) => due.key === key) ?? null,
    }));
  }
}

const COLUMNS = [
  ...['property', 'address', 'town', 'timer', 'outcome', 'since', 'breaks', 'fix', 'values'],
  ...['progress', 'visit'],
];

interface TimerRow extends Omit<TimerOfRollout, 'acceptedAt' | 'due'> {
  readonly acceptedAt: Date | null;
  readonly dues: readonly Due[] | null;
}

const listing = ({ inForceAt, closedAt, createdAt, ...row }: ListedRow): RolloutListing => ({
  ...row,
  ...{ inForceAt: inForceAt?.toISOString() ?? null, closedAt: closedAt?.toISOString() ?? null },
  createdAt: createdAt.toISOString(),
});
