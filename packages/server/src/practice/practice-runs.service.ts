import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { fieldOf } from '@water-clock/core/kernel';
import type { DataSource, EntityManager } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { Person } from '../schema/person.entity.js';
import { PracticeRun } from '../schema/practice-run.entity.js';
import type { PlayedFields, PracticeResult, ResultsOfPerson } from './practice.dto.js';

interface ResultRow extends PracticeResult {
  readonly personId: string;
}

/** What came of practice, by person. */
@Injectable()
export class PracticeRunsService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** A case begins; the one that went on and was never judged is none. */
  async begin({ id, firmId }: SignedIn, { lesson, difficulty, seed }: PlayedFields): Promise<void> {
    await this.source.transaction(async (manager) => {
      await lockPerson(manager, id);
      await manager
        .createQueryBuilder()
        .delete()
        .from(PracticeRun)
        .where('person_id = :id AND judged_at IS NULL', { id })
        .execute();
      await manager.insert(PracticeRun, { firmId, personId: id, lesson, difficulty, seed });
    });
  }

  /** The case that was begun last is judged, for the first time or again. */
  async judged({ id, firmId }: SignedIn, judgement: unknown): Promise<void> {
    const isRight = fieldOf(judgement, 'isRight') === true;
    const presses = Number(fieldOf(judgement, 'presses'));
    const passedSeconds = Number(fieldOf(judgement, 'passedSeconds'));
    await this.source.query(
      `UPDATE practice_runs
       SET judged_at = now(), is_right = $3, tries = tries + 1, presses = $4, passed_seconds = $5
       WHERE id = (SELECT id FROM practice_runs WHERE firm_id = $1 AND person_id = $2
                   ORDER BY begun_at DESC LIMIT 1)`,
      [firmId, id, isRight, presses, Math.round(passedSeconds)],
    );
  }

  /** Of whoever asks; for an owner of everybody in the firm who may practise, the one who asks first. */
  async results({ id, firmId, role }: SignedIn): Promise<ResultsOfPerson[]> {
    const { manager } = this.source;
    const people = await manager
      .createQueryBuilder(Person, 'person')
      .where(`person.firmId = :firmId AND person.removedAt IS NULL AND person.role <> 'office'`, {
        firmId,
      })
      .andWhere(role === 'owner' ? 'TRUE' : 'person.id = :id', { id })
      .orderBy('person.id = :id', 'DESC')
      .addOrderBy('person.name')
      .setParameters({ id })
      .getMany();
    const rows: ResultRow[] = await manager.query(
      `SELECT person_id AS "personId", lesson, difficulty, count(*)::int AS played,
         count(*) FILTER (WHERE is_right)::int AS right,
         count(*) FILTER (WHERE is_right AND tries = 1)::int AS "rightAtOnce",
         min(presses) FILTER (WHERE is_right) AS "fewestPresses",
         min(passed_seconds) FILTER (WHERE is_right) AS "shortestSeconds",
         max(judged_at) AS "lastAt"
       FROM practice_runs
       WHERE firm_id = $1 AND person_id = ANY ($2) AND judged_at IS NOT NULL
       GROUP BY person_id, lesson, difficulty ORDER BY person_id, lesson, difficulty`,
      [firmId, people.map((person) => person.id)],
    );
    return people.map((person) => ({
      id: person.id,
      name: person.name,
      results: rows
        .filter(({ personId }) => personId === person.id)
        .map(({ personId: _personId, ...result }) => result),
    }));
  }
}

/** Two browsers of the same person begin one after the other. */
const lockPerson = (manager: EntityManager, id: string) =>
  manager.query('SELECT 1 FROM people WHERE id = $1 FOR NO KEY UPDATE', [id]);
