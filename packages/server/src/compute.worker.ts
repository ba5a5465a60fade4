import { setPriority } from 'node:os';
import type { TaskCall } from './computing/task.js';
import { STRENGTH_TASK } from './people/password-strength-task.js';
import { MONTHS_TASK } from './history/months-task.js';
import { PLAN_TASK } from './planning/plan-task.js';
import { READ_PROPERTY_FILE_TASK } from './property-files/read-task.js';
import { HOUSEHOLD_TASK } from './sheets/household-task.js';
import { PRINT_TASK } from './sheets/sheet-pdf.js';
import { STANDINGS_TASK } from './timer-records/standing-task.js';
import { READ_WEATHER_TASK } from './weather/read-task.js';
import { BREAKS_TASK } from './timer-types/breaks-task.js';
import { EXPLAIN_TASK } from './tellings/explain-task.js';
import { FIX_TASK, TRY_TASK } from './rollouts/rollout-tasks.js';

const NICE = 10;
// Of this thread alone: it gives way to the one that answers.
setPriority(0, NICE);

const TASKS = [
  PLAN_TASK,
  MONTHS_TASK,
  STANDINGS_TASK,
  PRINT_TASK,
  HOUSEHOLD_TASK,
  BREAKS_TASK,
  READ_PROPERTY_FILE_TASK,
  READ_WEATHER_TASK,
  TRY_TASK,
  FIX_TASK,
  STRENGTH_TASK,
  EXPLAIN_TASK,
];

/** What the threads of the pool run: each task is given what it was called with. */
export default ({ name, input, begun }: TaskCall & { readonly input: never }): unknown => {
  begun.postMessage(null);
  return TASKS.find((task) => task.name === name)!.work(input);
};
