import type { EntityManager } from 'typeorm';
import { Person } from '../schema/person.entity.js';
import { PracticeRun } from '../schema/practice-run.entity.js';

/** Who, which lesson (null: a free case), whether it was put right, after how many tries, buttons and minutes. */
type DemoRun = readonly [string, string | null, boolean, number, number, number];

const INES = 'Ines Marlow';
const TOBIAS = 'Tobias Fenn';

const RUNS: readonly DemoRun[] = [
  [INES, 'clock-and-date', true, 1, 14, 4],
  [INES, 'one-program', true, 2, 61, 11],
  [INES, 'start-per-station', true, 1, 19, 6],
  [INES, 'percentage', false, 1, 7, 3],
  [INES, null, true, 1, 42, 18],
  [INES, null, false, 2, 55, 31],
  [TOBIAS, 'clock-and-date', true, 3, 37, 9],
  [TOBIAS, 'one-program', false, 2, 80, 16],
];

const DAY_MS = 86_400_000;
const A_MINUTE = 60;

/** What came of practice in the days before. */
export async function addPracticeRuns(
  manager: EntityManager,
  firmId: string,
  now: Date,
): Promise<void> {
  for (const [index, run] of RUNS.entries()) {
    const [name, lesson, isRight, tries, presses, minutes] = run;
    const person = await manager.findOneByOrFail(Person, { firmId, name });
    const begunAt = new Date(now.getTime() - (RUNS.length - index) * DAY_MS);
    await manager.save(
      manager.create(PracticeRun, {
        ...{ firmId, personId: person.id, lesson, difficulty: 1, seed: index, begunAt },
        ...{ judgedAt: begunAt, isRight, tries, presses, passedSeconds: minutes * A_MINUTE },
      }),
    );
  }
}
