import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { dayOf } from '@water-clock/core/civil-time';
import { clockIn } from '@water-clock/core/time-zones';
import { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { PropertiesService } from '../properties/properties.service.js';
import type { Property } from '../schema/property.entity.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { HomeEvent } from './history.dto.js';
import { MONTHS_TASK } from './months-task.js';

/** Of each kind, the newest; more nobody reads. */
const MOST = 500;
/** The weather is told so far back. */
const WEATHER_DAYS = 3 * 366;

/** Holds that have begun, of what was read off a home's timers, or left in them; those that the desk alone has are wanted. */
const HOLDS = `SELECT t.id AS "timerId", h.hold ->> 'from' AS "from", h.hold ->> 'to' AS "to",
    (h.hold ->> 'from')::timestamp AT TIME ZONE $3::text AS at, NOT bool_or(d.was_there) AS "isWanted"
  FROM timers t
  JOIN LATERAL (
    SELECT c.document, true AS was_there FROM copies c
      WHERE c.timer_id = t.id AND c.reason <> 'planned'
    UNION ALL SELECT s.document, false FROM timer_settings s WHERE s.timer_id = t.id) d ON true
  JOIN LATERAL jsonb_array_elements(d.document -> 'controller' -> 'pauses') AS h (hold) ON true
  WHERE t.firm_id = $1 AND t.property_id = $2
    AND (h.hold ->> 'from')::timestamp AT TIME ZONE $3::text <= now()
  GROUP BY t.id, h.hold ORDER BY at DESC LIMIT ${MOST}`;

const MESSAGES = `SELECT concat(a.rollout_id, ' ', a.timer_id) AS id, a.timer_id AS "timerId", a.messaged_at AS at, b.name
  FROM rollout_timers a JOIN rollouts b ON b.id = a.rollout_id JOIN timers t ON t.id = a.timer_id
  WHERE t.firm_id = $1 AND t.property_id = $2 AND a.messaged_at IS NOT NULL
  ORDER BY at DESC LIMIT ${MOST}`;

const DUES = `SELECT d.id, d.timer_id AS "timerId", d.made_at AS at, d.kind AS due, d.done_by AS "doneBy",
    d.until_date::text AS "putOffUntil", d.reason
  FROM due_answers d JOIN timers t ON t.id = d.timer_id
  WHERE t.firm_id = $1 AND t.property_id = $2 ORDER BY at DESC LIMIT ${MOST}`;

/** Periods of the rules of a home that have begun since it came to the firm. */
const RULES = `SELECT r.document ->> 'district' AS name, e.period ->> 'from' AS "from",
    (e.period ->> 'from')::timestamp AT TIME ZONE $3::text AS at
  FROM properties p JOIN rule_sets r ON r.id = p.rule_set_id
  JOIN LATERAL jsonb_array_elements(r.document -> 'periods') AS e (period) ON true
  WHERE p.firm_id = $1 AND p.id = $2
    AND (e.period ->> 'from')::date BETWEEN p.created_at::date AND current_date
  ORDER BY at DESC LIMIT ${MOST}`;

interface Row {
  readonly timerId: string;
  readonly at: Date;
}

@Injectable()
export class HistoryService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly properties: PropertiesService,
    private readonly computing: ComputingService,
  ) {}

  /** What happened at a home beside what its visits, copies, jobs, photos and sheets tell; the newest first. */
  async events(person: SignedIn, propertyId: string): Promise<HomeEvent[]> {
    const { firmId } = person;
    const property = await this.properties.row(firmId, propertyId);
    const zone = property.timeZone ?? 'UTC';
    const of = <Found>(statement: string, ...more: string[]) =>
      this.source.manager.query<Found[]>(statement, [firmId, propertyId, ...more]);
    const [holds, messages, dues, rules, weather] = await Promise.all([
      of<Row & HoldRow>(HOLDS, zone),
      of<Row & { readonly id: string; readonly name: string }>(MESSAGES),
      of<Row & DueRow>(DUES),
      of<{ readonly name: string; readonly from: string; readonly at: Date }>(RULES, zone),
      this.weather(person, property, zone),
    ]);
    const all = [
      ...holds.map(({ timerId, from, to, at, isWanted }): HomeEvent => ({
        ...{ id: `${timerId} ${from} ${to}`, kind: 'hold', at: at.toISOString(), timerId },
        ...{ until: to, isWanted },
      })),
      ...messages.map(({ id, timerId, at, name }): HomeEvent => ({
        ...{ id, kind: 'message', at: at.toISOString(), timerId, name },
      })),
      ...dues.map(dueEvent),
      ...rules.map(({ name, from, at }): HomeEvent => ({
        ...{ id: `${name} ${from}`, kind: 'rules', at: at.toISOString(), timerId: null, name },
      })),
      ...weather,
    ];
    return all.sort((a, b) => b.at.localeCompare(a.at) || a.id.localeCompare(b.id));
  }

  /** The months since the home came to the firm; none where it goes by no weather, or it cannot be worked out now. */
  private async weather(
    person: SignedIn,
    { firmId, weatherId, createdAt }: Property,
    zone: string,
  ): Promise<HomeEvent[]> {
    if (weatherId === null) return [];
    const { document } = await this.source.manager.findOneByOrFail(StoredWeather, {
      ...{ firmId, id: weatherId },
    });
    const now = Date.now();
    const to = dayOf(clockIn(zone, now));
    const since = Math.max(createdAt.getTime(), now - WEATHER_DAYS * DAY_MS);
    const from = dayOf(clockIn(zone, since));
    const months = await this.computing
      .run(askerOf(person), MONTHS_TASK, { weather: document, from, to })
      .catch(() => []);
    return months.map(({ month, rainMm, et0Mm, days }) => ({
      ...{ id: month, kind: 'weather' as const, at: endOf(month, now), timerId: null },
      ...{ month, rainMm, et0Mm, days },
    }));
  }
}

const DAY_MS = 86_400_000;

/** A month stands at its end, and the one that goes on at the moment. */
function endOf(month: string, now: number): string {
  const [year = 0, number = 1] = month.split('-').map(Number);
  return new Date(Math.min(Date.UTC(year, number, 1) - 1, now)).toISOString();
}

interface HoldRow {
  readonly from: string;
  readonly to: string;
  readonly isWanted: boolean;
}

interface DueRow {
  readonly id: string;
  readonly due: NonNullable<HomeEvent['due']>;
  readonly doneBy: HomeEvent['doneBy'] | null;
  readonly putOffUntil: string | null;
  readonly reason: string;
}

const dueEvent = (row: Row & DueRow): HomeEvent => ({
  ...{ id: row.id, kind: 'due', at: row.at.toISOString(), timerId: row.timerId, due: row.due },
  ...(row.doneBy && { doneBy: row.doneBy }),
  ...(row.putOffUntil && { putOffUntil: row.putOffUntil }),
  ...(row.reason && { reason: row.reason }),
});
