import { dayOf, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { Spans, type DueAnswer, type PlannedChange } from '@water-clock/core/dues';
import { Customary } from '@water-clock/core/needs';
import type { PastEntry } from '@water-clock/core/standing';
import { clockIn } from '@water-clock/core/time-zones';
import { TimerHandling } from '@water-clock/core/timer-types';
import type { MadeEntry, VisitEntry } from '@water-clock/core/visits';
import type { WeatherFile } from '@water-clock/core/weather';
import { In, type DataSource } from 'typeorm';
import { Copy } from '../schema/copy.entity.js';
import { StoredDueAnswer } from '../schema/due-answer.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { TimerSettings } from '../schema/timer.entity.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { confirmedOf } from './make-copy.js';
import type { StandingsAsked, StoredFacts } from './standing-task.js';

interface StoredEntryRow {
  readonly timerId: string;
  readonly visitId: string;
  readonly isOpen: boolean;
  readonly id: string;
  readonly number: number;
  readonly seen: number;
  readonly person: string;
  readonly observedAt: Date;
  readonly entry: VisitEntry;
}

interface HistoryRow {
  readonly timerId: string;
  readonly visitedAt: Date | null;
  readonly keyedInAt: Date | null;
  readonly openSince: Date | null;
  readonly openBy: string | null;
  readonly jobs: number;
  readonly linkEndsAt: Date | null;
}

/** Of each timer when it was visited, and keyed in, last, the visit that is open, its open jobs and its last link. */
const HISTORY = `SELECT t.id AS "timerId",
    (SELECT max(started_at) FROM visits v WHERE v.timer_id = t.id) AS "visitedAt",
    (SELECT max(e.observed_at) FROM visit_entries e JOIN visits v ON v.id = e.visit_id
     WHERE v.timer_id = t.id AND e.document ->> 'kind' = 'key-in'
       AND e.document ->> 'key' <> 'clock') AS "keyedInAt",
    o.started_at AS "openSince", o.started_by AS "openBy",
    (SELECT count(*)::integer FROM jobs j WHERE j.timer_id = t.id AND j.done_at IS NULL) AS jobs,
    (SELECT max(l.expires_at) FROM share_links l JOIN sheets h ON h.id = l.sheet_id
     WHERE h.timer_id = t.id AND l.withdrawn_at IS NULL) AS "linkEndsAt"
  FROM timers t
  LEFT JOIN LATERAL (SELECT started_at, started_by FROM visits v
    WHERE v.timer_id = t.id AND v.ended_at IS NULL ORDER BY started_at DESC LIMIT 1) o ON true
  WHERE t.id = ANY($1)`;

/** All that was made at the visit that is open, and of the others what dues go by. */
const ENTRIES = `SELECT v.timer_id AS "timerId", v.id AS "visitId", v.id = o.id AS "isOpen", e.id, e.number, e.seen,
    e.person_name AS person, e.observed_at AS "observedAt", e.document AS entry
  FROM visits v
  JOIN visit_entries e ON e.visit_id = v.id
  LEFT JOIN LATERAL (SELECT id FROM visits w
    WHERE w.timer_id = v.timer_id AND w.ended_at IS NULL ORDER BY started_at DESC LIMIT 1) o ON true
  WHERE v.timer_id = ANY($1) AND (v.id = o.id OR e.document ->> 'kind' = 'care'
    OR e.document ->> 'step' = 'clock' OR e.document ->> 'key' = 'clock')
  ORDER BY e.observed_at, e.number`;

/** What stands in each timer as far as anybody has read it: the copy that is in it, or else the newest that was read. */
const READ = `SELECT DISTINCT ON (timer_id) id FROM copies
  WHERE timer_id = ANY($1) AND (is_in_timer OR reason <> 'planned')
  ORDER BY timer_id, is_in_timer DESC, number DESC`;

interface PlannedChangeRow {
  readonly timerId: string;
  readonly id: string;
  readonly name: string;
  readonly on: string;
}

/** What was accepted of changes of many homes that go on. */
const PLANNED_CHANGES = `SELECT a.timer_id AS "timerId", b.id, b.name,
    greatest(b.from_date, (a.fix ->> 'holdsFrom')::date)::text AS "on"
  FROM rollout_timers a JOIN rollouts b ON b.id = a.rollout_id
  WHERE a.timer_id = ANY($1) AND a.accepted_at IS NOT NULL AND b.closed_at IS NULL
  ORDER BY b.created_at, b.id`;

/** What is known of some timers of a firm, for {@link STANDINGS_TASK}. */
export async function storedFacts(
  source: DataSource,
  firmId: string,
  timerIds: readonly string[],
  from: string,
): Promise<StandingsAsked & { readonly ids: readonly string[] }> {
  const { manager } = source;
  const rows = await manager.find(TimerSettings, {
    where: { firmId, timerId: In([...timerIds]) },
    relations: { timer: { property: { ruleSet: true }, timerType: true, yard: true } },
    order: { timerId: 'ASC' },
  });
  const ids = rows.map(({ timerId }) => timerId);
  const weatherIds = new Set(rows.flatMap(({ timer }) => timer.property.weatherId ?? []));
  const [firm, history, entries, read, answers, planned, weather] = await Promise.all([
    manager.findOneByOrFail(Firm, { id: firmId }),
    manager.query<HistoryRow[]>(HISTORY, [ids]),
    manager.query<StoredEntryRow[]>(ENTRIES, [ids]),
    manager.query<{ id: string }[]>(READ, [ids]),
    manager.find(StoredDueAnswer, { where: { timerId: In(ids) }, order: { madeAt: 'ASC' } }),
    manager.query<PlannedChangeRow[]>(PLANNED_CHANGES, [ids]),
    manager.findBy(StoredWeather, { firmId, id: In([...weatherIds]) }),
  ]);
  const copies = await manager.findBy(Copy, { id: In(read.map(({ id }) => id)) });
  const timers = rows.map(({ timerId, document, timer }): StoredFacts => {
    const { property, timerType, yard, createdAt } = timer;
    const day = dateIn(property.timeZone);
    const own = entries.filter((one) => one.timerId === timerId);
    const past = history.find((one) => one.timerId === timerId)!;
    const copy = copies.find((one) => one.timerId === timerId);
    return {
      ...{ document, property, weatherId: property.weatherId, yard: yard.document },
      frost: property.frost,
      handling: timerType?.handling ?? new TimerHandling(),
      customary: firm.customary ?? new Customary(),
      spans: firm.spans ?? new Spans(),
      ...{ timeZone: property.timeZone, addedOn: day(createdAt), openJobs: past.jobs },
      reading: copy ? { document: copy.document, madeAt: copy.madeAt.toISOString() } : null,
      confirmed: copy ? confirmedOf(copy) : null,
      openVisit: past.openSince && {
        ...{ startedAt: past.openSince.toISOString(), startedBy: past.openBy ?? '' },
        entries: own.filter(({ isOpen }) => isOpen).map(madeEntryOf),
      },
      pastEntries: own.map(({ visitId, entry, observedAt }): PastEntry => ({
        ...{ visitId, entry },
        observedOn: day(observedAt),
      })),
      visitedOn: past.visitedAt && day(past.visitedAt),
      keyedInOn: past.keyedInAt && day(past.keyedInAt),
      linkEndsOn: past.linkEndsAt && day(past.linkEndsAt),
      answers: answers.filter((one) => one.timerId === timerId).map(answerOf),
      plannedChanges: planned.filter((one) => one.timerId === timerId).map(plannedChangeOf),
    };
  });
  const weatherById = new Map<string, WeatherFile>(
    weather.map(({ id, document }) => [id, document]),
  );
  return { ids, timers, weather: weatherById, from };
}

const dateIn =
  (timeZone: string | null) =>
  (moment: Date): DayNumber =>
    dayOf(clockIn(timeZone ?? 'UTC', moment.getTime()));

const madeEntryOf = ({
  timerId: _timer,
  visitId: _visit,
  isOpen: _isOpen,
  observedAt,
  ...row
}: StoredEntryRow): MadeEntry => ({ ...row, observedAt: observedAt.toISOString() });

const plannedChangeOf = ({ id, name, on }: PlannedChangeRow): PlannedChange => ({
  ...{ id, name },
  on: parseDate(on)!,
});

const answerOf = (row: StoredDueAnswer): DueAnswer => ({
  ...{ key: row.key, kind: row.kind, reason: row.reason, at: row.madeAt.toISOString() },
  on: parseDate(row.answeredOn)!,
  until: row.untilDate === null ? null : parseDate(row.untilDate)!,
});
