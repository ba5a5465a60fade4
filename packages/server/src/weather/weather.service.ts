import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { WeatherFile } from '@water-clock/core/weather';
import { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { saveVersion } from '../platform/saved.js';
import { bringBack, takeAway, WEATHER } from '../removals/removals.js';
import { READ_WEATHER_TASK } from './read-task.js';
import { WeatherAnswer, WeatherChange, WeatherFields, WeatherListing } from './weather.dto.js';
import { StoredWeather } from '../schema/weather.entity.js';

interface ListedRow {
  readonly id: string;
  readonly name: string;
  readonly towns: string[];
  readonly kind: WeatherFile['record']['kind'];
  readonly first: string | null;
  readonly last: string | null;
  readonly days: number;
  readonly properties: string;
}

@Injectable()
export class WeatherService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
  ) {}

  /** All of a firm's weather, without its days: twenty years of them are long. */
  async list(firmId: string): Promise<WeatherListing[]> {
    const rows: ListedRow[] = await this.source.query(
      `SELECT w.id, w.document ->> 'name' AS name, w.document -> 'towns' AS towns,
         w.document #>> '{record,kind}' AS kind,
         w.document #>> '{record,days,0,date}' AS first,
         w.document #>> '{record,days,-1,date}' AS last,
         coalesce(jsonb_array_length(w.document #> '{record,days}'), 0) AS days,
         (SELECT count(*) FROM properties p
          WHERE p.weather_id = w.id AND p.firm_id = w.firm_id) AS properties
       FROM weather w WHERE w.firm_id = $1 ORDER BY lower(w.document ->> 'name'), w.id`,
      [firmId],
    );
    return rows.map(({ first, last, properties, ...row }) => ({
      ...row,
      from: first,
      to: last,
      properties: Number(properties),
    }));
  }

  async one(firmId: string, id: string): Promise<WeatherAnswer> {
    const row = await this.source.manager.findOneBy(StoredWeather, { firmId, id });
    if (!row) throw notFound('weather');
    const { version, document } = row;
    return { id, version, document };
  }

  private async read(person: SignedIn, document: unknown): Promise<WeatherFile> {
    const read = await this.computing.run(askerOf(person), READ_WEATHER_TASK, document);
    return wholeDocument(document, () => read);
  }

  async add(person: SignedIn, { document }: WeatherFields): Promise<WeatherAnswer> {
    const { firmId } = person;
    const weather = await this.read(person, document);
    const { id } = await this.source.manager.save(
      this.source.manager.create(StoredWeather, { firmId, document: weather }),
    );
    return this.one(firmId, id);
  }

  async change(person: SignedIn, id: string, change: WeatherChange): Promise<WeatherAnswer> {
    const { firmId } = person;
    const document = await this.read(person, change.document);
    const where = { firmId, id };
    await transact(this.source, (manager) =>
      saveVersion(manager, StoredWeather, where, change.version, { document }, 'weather'),
    );
    return this.one(firmId, id);
  }

  /** Takes weather away; the homes that went by it go by none. */
  async remove(firmId: string, id: string): Promise<void> {
    await transact(this.source, (manager) => takeAway(manager, WEATHER, firmId, id));
  }

  /** Brings weather back, and the homes that went by it and go by none since. */
  async bringBack(firmId: string, id: string): Promise<WeatherAnswer> {
    await transact(this.source, (manager) => bringBack(manager, WEATHER, firmId, id));
    return this.one(firmId, id);
  }
}
