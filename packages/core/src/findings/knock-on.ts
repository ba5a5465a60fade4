import { dayOf, formatDateTime } from '../civil-time/index.js';
import type { BegunRun } from '../engine/index.js';
import { groupBy } from '../kernel/index.js';
import { clockTime, lengthInWords, longDate } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import type { Situation } from './situation.js';

/** Runs that wait for less are on time. */
const LATE_SECONDS = 60;

interface Late {
  readonly run: BegunRun;
  /** The run before it, for which it waits. */
  readonly behind: BegunRun;
}

/** Runs that no other run is in the way of, and that are late all the same: what was late before them reaches them. */
export const knockOn = rule('knock-on', 'warning', (situation) => {
  if (situation.plan.timer.overlap !== 'queue') return [];
  const byProgram = groupBy(lateRuns(situation), ({ run }) => run.program.id);
  return [...byProgram].map(([program, late]) => {
    const { run, behind } = late[0]!;
    const on = longDate(dayOf(run.nominal));
    const [why, fix] = reasonOf(late[0]!);
    return {
      program,
      startNumber: run.startNumber,
      message: `Program ${program} is due at ${clockTime(run.nominal)} on ${on} and begins ${lengthInWords(run.begin - run.nominal)} late: program ${behind.program.id} ${why}.`,
      fix,
      first: formatDateTime(run.nominal),
      seconds: run.begin - run.nominal,
      ...counting(late.length),
    };
  });
});

function lateRuns({ watering: { runs, collisions } }: Situation): Late[] {
  const hit = new Set(
    collisions.map(({ b }) => `${b.program.order} ${b.startNumber} ${b.nominal}`),
  );
  return runs.flatMap((run, index) => {
    if (run.begin - run.nominal < LATE_SECONDS) return [];
    if (hit.has(`${run.program.order} ${run.startNumber} ${run.nominal}`)) return [];
    return [{ run, behind: runs[index - 1]! }];
  });
}

function reasonOf({ run, behind }: Late): [string, string] {
  if (behind.end <= run.nominal)
    return [
      'is over, but the timer waits between stations before it goes on',
      `Start program ${run.program.id} a little later, or shorten the wait between stations.`,
    ];
  return [
    'is late itself, and still going',
    `Fix what makes program ${behind.program.id} late, or start program ${run.program.id} later.`,
  ];
}
