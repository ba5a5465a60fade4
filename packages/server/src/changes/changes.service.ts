import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import Papa from 'papaparse';
import { LessThan, type DataSource } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { notAllowed } from '../platform/problem.js';
import { Change } from '../schema/change.entity.js';
import type { ChangeAnswer, ChangesPage, ChangesQuery } from './change.dto.js';

const PAGE_SIZE = 50;
const MOST_IN_FILE = 20_000;
/** A person whose name was emptied: not the installation, which nobody's id stands for. */
const UNNAMED = 'Somebody';

/** Who changed what: of a property for everybody who works on it, of the whole firm for its owner. */
@Injectable()
export class ChangesService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async page(person: SignedIn, query: ChangesQuery): Promise<ChangesPage> {
    const rows = await this.rows(person, query, PAGE_SIZE + 1);
    return { rows: rows.slice(0, PAGE_SIZE).map(answer), hasMore: rows.length > PAGE_SIZE };
  }

  /** As a table for a spreadsheet; what would be a formula there is text. */
  async csv(person: SignedIn, query: ChangesQuery): Promise<string> {
    const rows = await this.rows(person, query, MOST_IN_FILE);
    const table = rows.map(answer).map(({ madeAt, person: who, way, kind, name, fields }) => ({
      ...{ at: madeAt, person: who ?? '', did: way, what: kind, name: name ?? '' },
      fields: Object.entries(fields ?? {})
        .map(([field, [before, after]]) => `${field}: ${before ?? ''} → ${after ?? ''}`)
        .join('; '),
    }));
    const columns = ['at', 'person', 'did', 'what', 'name', 'fields'];
    return Papa.unparse(table, { columns, escapeFormulae: true });
  }

  private rows(
    { firmId, role }: SignedIn,
    { propertyId, personId, kind, before }: ChangesQuery,
    take: number,
  ): Promise<Change[]> {
    if (propertyId === undefined && role !== 'owner') throw notAllowed();
    return this.source.manager.find(Change, {
      where: {
        firmId,
        ...(propertyId !== undefined && { propertyId }),
        ...(personId !== undefined && { personId }),
        ...(kind !== undefined && { kind }),
        ...(before !== undefined && { id: LessThan(String(before)) }),
      },
      order: { id: 'DESC' },
      take,
    });
  }
}

const answer = (row: Change): ChangeAnswer => ({
  id: Number(row.id),
  madeAt: row.madeAt.toISOString(),
  person: row.personName ?? (row.personId === null ? null : UNNAMED),
  way: row.way,
  kind: row.kind,
  name: row.name,
  propertyId: row.propertyId,
  fields: row.fields,
});
