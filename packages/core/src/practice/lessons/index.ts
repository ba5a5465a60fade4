import type { Lesson } from '../lesson.js';
import { CLOCK_AND_DATE } from './clock-and-date.js';
import { COLLIDING_PROGRAMS } from './colliding-programs.js';
import { CYCLE_AND_SOAK } from './cycle-and-soak.js';
import { DAYS } from './days.js';
import { ELECTRICAL } from './electrical-faults.js';
import { LEFTOVERS } from './leftovers.js';
import { ONE_PROGRAM } from './one-program.js';
import { PERCENTAGE } from './percentage.js';
import { SENSORS_AND_HOLDS } from './sensors-and-holds.js';
import { START_PER_STATION } from './start-per-station.js';
import { TOWN_RULES } from './town-rules.js';
import { TWO_WIRE_UNITS } from './two-wire-units.js';

/** In the order of the work. */
export const LESSONS: readonly Lesson[] = [
  CLOCK_AND_DATE,
  ONE_PROGRAM,
  START_PER_STATION,
  LEFTOVERS,
  DAYS,
  PERCENTAGE,
  CYCLE_AND_SOAK,
  SENSORS_AND_HOLDS,
  COLLIDING_PROGRAMS,
  TOWN_RULES,
  ELECTRICAL,
  TWO_WIRE_UNITS,
];
