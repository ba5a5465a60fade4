import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Standing } from '@water-clock/core/standing';
import { DataSource } from 'typeorm';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { PropertiesService } from '../properties/properties.service.js';
import { BASIS } from '../timer-records/basis.js';
import { Standings } from '../timer-records/standings.js';
import type { HomeOfVisit, VisitToday } from './planned-visit.dto.js';
import { PlannedVisitsService } from './planned-visits.service.js';
import type { RoundAnswer, RoundQuery, TimerToDo } from './round.dto.js';

interface Row extends Omit<TimerToDo, 'standing' | 'home'>, Omit<HomeOfVisit, 'id' | 'name'> {
  readonly propertyId: string;
  readonly property: string;
  readonly standing: Standing | null;
  /** It is so now: nothing that bears on it has changed since. */
  readonly isFresh: boolean;
}

/** What there is to do: today's visits, what falls due, and what needs somebody. */
@Injectable()
export class RoundService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly standings: Standings,
    private readonly planned: PlannedVisitsService,
    private readonly properties: PropertiesService,
  ) {}

  async of(person: SignedIn, query: RoundQuery): Promise<RoundAnswer> {
    const rows = await this.known(person, query);
    return {
      visits: await this.visitsOn(person, query),
      timers: rows.flatMap(({ standing, isFresh: _isFresh, ...row }) =>
        standing && (standing.reasons.length > 0 || standing.dues.length > 0)
          ? [toDo(row, standing)]
          : [],
      ),
      of: rows.length,
      pending: rows.filter(({ isFresh }) => !isFresh).length,
    };
  }

  private async visitsOn(person: SignedIn, { on, whose }: RoundQuery): Promise<VisitToday[]> {
    const personId = whose === 'mine' ? person.id : null;
    const visits = await this.planned.ofDay(person.firmId, on, personId);
    const timers = await this.properties.timersOfAll(
      person,
      visits.map(({ home }) => home.id),
      on,
    );
    return visits.map((visit) => ({ ...visit, timers: timers.get(visit.home.id) ?? [] }));
  }

  /** The timers of the firm, or of whoever asks, with what is true of them; of some what was missing is worked out. */
  private async known(person: SignedIn, { on, whose }: RoundQuery): Promise<Row[]> {
    const read = (): Promise<Row[]> =>
      this.source.query(
        `SELECT t.id, t.name, jsonb_array_length(s.document -> 'stations') AS stations,
           p.id AS "propertyId", p.name AS property, p.address, p.town, p.language,
           p.contact_name AS "contactName", p.contact_phone AS "contactPhone",
           p.contact_email AS "contactEmail", p.gate_notes AS "gateNotes", p.latitude, p.longitude,
           -- What was not held before is to be held now.
           (SELECT greatest(min(v.on_date), $2::date)::text FROM planned_visits v
            WHERE v.property_id = p.id AND v.visit_id IS NULL HAVING count(*) > 0) AS "plannedOn",
           o.document AS standing, o.basis IS NOT DISTINCT FROM ${BASIS} AS "isFresh"
         FROM timers t
         JOIN properties p ON p.id = t.property_id
         JOIN timer_settings s ON s.timer_id = t.id
         -- What was true until a moment ago stays, until it is known what is true now.
         LEFT JOIN standings o ON o.timer_id = t.id AND o.from_date = $2::date
         WHERE t.firm_id = $1 AND p.archived_at IS NULL
           AND ($3::uuid IS NULL
             OR EXISTS (SELECT 1 FROM planned_visits v WHERE v.property_id = p.id
               AND v.person_id = $3 AND v.visit_id IS NULL)
             OR $4 = (SELECT v.started_by FROM visits v JOIN timers u ON u.id = v.timer_id
               WHERE u.property_id = p.id ORDER BY v.started_at DESC LIMIT 1))
         ORDER BY lower(p.name), p.id, t.name, t.id`,
        [person.firmId, on, whose === 'mine' ? person.id : null, person.name],
      );
    const rows = await read();
    const missing = rows.flatMap(({ id, isFresh }) => (isFresh ? [] : [id]));
    if (missing.length === 0) return rows;
    await this.standings.workOutSome(askerOf(person), missing, on);
    return read();
  }
}

const toDo = (row: Omit<Row, 'standing' | 'isFresh'>, standing: Standing): TimerToDo => ({
  ...{ id: row.id, name: row.name, stations: row.stations, language: row.language },
  ...{ plannedOn: row.plannedOn, standing },
  home: {
    ...{ id: row.propertyId, name: row.property, address: row.address, town: row.town },
    ...{ contactName: row.contactName, contactPhone: row.contactPhone },
    ...{ contactEmail: row.contactEmail, gateNotes: row.gateNotes },
    ...{ latitude: row.latitude, longitude: row.longitude },
  },
});
