import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { JOB_FAULTS, jobFaultName, stationsInWords, type JobPlace } from '@water-clock/core/visits';
import { DataSource } from 'typeorm';
import { holding, searchWords } from '../platform/search-words.js';
import type { Found } from './search.dto.js';

/** Of each kind; whoever wants more types more. */
const MOST = 6;
/** Homes that are looked through for their timers and stations. */
const MOST_HOMES = 40;

interface HomeFound {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** All that it is known by, itself, in small letters. */
  readonly text: string;
}

interface StationFound {
  readonly number: number;
  readonly name?: string;
}

interface TimerFound {
  readonly id: string;
  readonly propertyId: string;
  readonly name: string;
  readonly stations: readonly StationFound[];
}

interface JobFound extends JobPlace {
  readonly propertyId: string;
  readonly property: string;
  readonly timerId: string;
  readonly note: string;
}

/** Finds anything of a firm by words. */
@Injectable()
export class SearchService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** What has all the words, in itself or where it is, and one of them in itself; the likeliest first. */
  async find(firmId: string, typed: string): Promise<Found[]> {
    const words = searchWords(typed);
    if (words.length === 0) return [];
    const [homes, jobs, people] = await Promise.all([
      this.homes(firmId, words),
      this.jobs(firmId, words),
      this.people(firmId, words),
    ]);
    const timers = await this.timersOf(
      firmId,
      homes.map(({ id }) => id),
    );
    const likeliest = byLikelihood(words.join(' '));
    const first = (found: Found[]) => found.sort(likeliest).slice(0, MOST);
    return [
      ...first(homes.filter(({ text }) => hasAll(words, text)).map(homeFound)),
      ...first(timersIn(homes, timers, words)),
      ...first(stationsIn(homes, timers, words)),
      ...first(jobs.map(jobFound)),
      ...first(people.map(personFound)),
    ];
  }

  private homes(firmId: string, words: readonly string[]): Promise<HomeFound[]> {
    // One LIKE a word: a list of them would not use the index.
    const hasWords = words.map((_, index) => `AND search_text LIKE $${index + 3}`).join(' ');
    return this.source.query(
      `SELECT id, name, concat_ws(', ', NULLIF(address, ''), NULLIF(town, '')) AS place,
         lower(concat_ws(' ', name, address, town, contact_name, contact_phone,
           regexp_replace(contact_phone, '\\D', '', 'g'), contact_email)) AS text
       FROM properties WHERE firm_id = $1 AND archived_at IS NULL ${hasWords}
       ORDER BY lower(name) LIKE $2 DESC, lower(name), id LIMIT ${MOST_HOMES}`,
      [firmId, holding(words[0]!).slice(1), ...words.map(holding)],
    );
  }

  private timersOf(firmId: string, propertyIds: readonly string[]): Promise<TimerFound[]> {
    return this.source.query(
      `SELECT t.id, t.property_id AS "propertyId", t.name,
         COALESCE((SELECT jsonb_agg(jsonb_build_object(
           'number', station -> 'number', 'name', station -> 'name'))
           FROM jsonb_array_elements(s.document -> 'stations') station), '[]') AS stations
       FROM timers t JOIN timer_settings s ON s.timer_id = t.id
       WHERE t.firm_id = $1 AND t.property_id = ANY($2) ORDER BY t.name, t.id`,
      [firmId, propertyIds],
    );
  }

  private jobs(firmId: string, words: readonly string[]): Promise<JobFound[]> {
    const values: unknown[] = [firmId];
    const given = (value: unknown) => `$${values.push(value)}`;
    const own = words.map((word) => {
      const faults = JOB_FAULTS.filter((fault) => jobFaultName(fault).toLowerCase().includes(word));
      return `(lower(j.note) LIKE ${given(holding(word))} OR j.fault = ANY(${given(faults)}))`;
    });
    const all = words.map(
      (word, index) => `(${own[index]} OR p.search_text LIKE ${given(holding(word))})`,
    );
    return this.source.query(
      `SELECT p.id AS "propertyId", p.name AS property, t.id AS "timerId", j.station,
         j.stations, j.fault, j.note
       FROM jobs j
       JOIN timers t ON t.id = j.timer_id
       JOIN properties p ON p.id = t.property_id AND p.archived_at IS NULL
       WHERE j.firm_id = $1 AND j.done_at IS NULL AND (${own.join(' OR ')}) AND ${all.join(' AND ')}
       ORDER BY j.found_at DESC, j.station LIMIT ${MOST}`,
      values,
    );
  }

  private people(
    firmId: string,
    words: readonly string[],
  ): Promise<{ name: string; role: string }[]> {
    const hasWords = words.map((_, index) => `AND lower(name) LIKE $${index + 2}`).join(' ');
    return this.source.query(
      `SELECT name, role FROM people WHERE firm_id = $1 AND removed_at IS NULL ${hasWords}
       ORDER BY lower(name), id LIMIT ${MOST}`,
      [firmId, ...words.map(holding)],
    );
  }
}

const hasAll = (words: readonly string[], text: string): boolean =>
  words.every((word) => text.includes(word));

/** All words are in a thing or where it is, and one at least in itself. */
function isFound(words: readonly string[], own: string, where: string): boolean {
  const small = own.toLowerCase();
  return (
    words.some((word) => small.includes(word)) && hasAll(words, `${small} ${where.toLowerCase()}`)
  );
}

const nowhere = { propertyId: null, timerId: null, station: null };

const homeFound = ({ id, name, place }: HomeFound): Found => ({
  ...nowhere,
  kind: 'property',
  title: name,
  where: place,
  propertyId: id,
});

/** Each timer of the homes, with its home. */
const withHomes = (homes: readonly HomeFound[], timers: readonly TimerFound[]) =>
  homes.flatMap((home) =>
    timers.filter(({ propertyId }) => propertyId === home.id).map((timer) => ({ home, timer })),
  );

const timersIn = (
  homes: readonly HomeFound[],
  timers: readonly TimerFound[],
  words: readonly string[],
): Found[] =>
  withHomes(homes, timers)
    .filter(({ home, timer }) => isFound(words, timer.name, home.text))
    .map(({ home, timer }) => ({
      ...nowhere,
      kind: 'timer',
      title: timer.name,
      where: home.name,
      propertyId: home.id,
      timerId: timer.id,
    }));

const stationsIn = (
  homes: readonly HomeFound[],
  timers: readonly TimerFound[],
  words: readonly string[],
): Found[] =>
  withHomes(homes, timers).flatMap(({ home, timer }) =>
    timer.stations
      .filter(({ name = '' }) => isFound(words, name, `${timer.name} ${home.text}`))
      .map(({ number, name = '' }) => ({
        kind: 'station',
        title: name,
        where: `${home.name}, ${timer.name}, station ${number}`,
        propertyId: home.id,
        timerId: timer.id,
        station: number,
      })),
  );

const jobFound = ({ propertyId, property, timerId, note, ...job }: JobFound): Found => ({
  kind: 'job',
  title: `${jobFaultName(job.fault)}${note && `: ${note}`}`,
  where: [property, placeOf(job)].filter(Boolean).join(', '),
  propertyId,
  timerId,
  station: job.station,
});

const placeOf = ({ station, stations }: JobPlace): string => {
  const all = station === null ? stations : [station];
  return all.length === 0 ? '' : stationsInWords(all);
};

const personFound = ({ name, role }: { name: string; role: string }): Found => ({
  ...nowhere,
  kind: 'person',
  title: name,
  where: role,
});

/** What begins as it was typed comes first; otherwise they stay as they stand. */
const byLikelihood = (typed: string) => (one: Found, other: Found) =>
  Number(other.title.toLowerCase().startsWith(typed)) -
  Number(one.title.toLowerCase().startsWith(typed));
