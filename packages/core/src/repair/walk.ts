import {
  addDays,
  dayOf,
  parseDateTime,
  parseTimeOfDay,
  startOfDay,
  MINUTES_PER_DAY,
} from '../civil-time/index.js';
import { hoursByDateWithin, type Collision } from '../engine/index.js';
import { nightOver, type Finding } from '../findings/index.js';
import type { Draft, Fault } from './draft.js';
import { headroomCollisions } from './headroom.js';
import { pieceOf } from './scope.js';
import type { StartUnit } from './unit.js';
import { startAtMinute } from './values.js';

/** Later on the day, or earlier. */
export type Way = 1 | -1;

/** What is in the way of a start at a time of day; `never`: it is in the way wherever the start is. */
export type InTheWay = Fault | 'never' | null;

/**
 * The times of day at which nothing is in the way of a start, one way from where it is, the nearest first. Times at
 * which the same is still in the way are not looked at.
 */
export function* freePlaces(
  unit: StartUnit,
  draft: Draft,
  way: Way,
  inTheWay: (moved: Draft) => InTheWay,
  apartMinutes = 0,
): Generator<Draft> {
  const step = draft.plan.timer.startStepMinutes;
  const was = draft.startAt(unit);
  // A start that is added may be anywhere: through the night first, then through the day.
  if (was === null && way < 0) return;
  const now = was === null ? NIGHT_MINUTE - 1 : parseTimeOfDay(was)!;
  const [least, end] = was === null ? [now, now + MINUTES_PER_DAY] : [0, MINUTES_PER_DAY];
  let minute = way > 0 ? (Math.floor(now / step) + 1) * step : (Math.ceil(now / step) - 1) * step;
  while (minute >= least && minute < end) {
    const moved = draft.with(startAtMinute(unit, minute % MINUTES_PER_DAY, draft));
    const fault = inTheWay(moved);
    if (fault === 'never') return;
    if (fault === null) yield moved;
    const past = fault === null ? apartMinutes : minutesPast(fault, unit, moved, way);
    const next = minute + way * Math.max(step, Math.ceil(past / step) * step);
    // After midnight it is another date's night, in which nothing of this one is known.
    minute = minute < MINUTES_PER_DAY && next > MINUTES_PER_DAY ? MINUTES_PER_DAY : next;
  }
}

/** Ten in the evening. */
const NIGHT_MINUTE = 22 * 60;

/** By how many minutes at least a start is moved before a fault is past. */
function minutesPast(fault: Fault, unit: StartUnit, moved: Draft, way: Way): number {
  switch (fault.code) {
    case 'collision':
      return minutesPastCollision(
        moved.situation.allDates.collisions.find(
          ({ a, b }) =>
            a.program.id === fault.program &&
            a.startNumber === fault.startNumber &&
            b.program.id === fault.b?.program &&
            b.startNumber === fault.b.startNumber,
        ),
        unit,
        moved,
        way,
      );
    case 'low-headroom':
      return minutesPastCollision(headroomCollisions(moved)[0], unit, moved, way);
    case 'late-finish':
    case 'rule-hours':
    case 'rule-day':
    case 'mowing-day':
      return Math.floor(secondsPastPiece(fault, moved, way) / 60);
    default:
      return 0;
  }
}

const isAt = (
  { program, startNumber }: Collision['a'],
  { program: index, place }: StartUnit,
  moved: Draft,
): boolean => {
  const unit = moved.startUnit(program.id, startNumber);
  return unit !== null && unit.program === index && unit.place === place;
};

function minutesPastCollision(
  collision: Collision | undefined,
  unit: StartUnit,
  moved: Draft,
  way: Way,
): number {
  if (!collision) return 0;
  const { a, b } = collision;
  const [isA, isB] = [isAt(a, unit, moved), isAt(b, unit, moved)];
  // A run in its own way is so wherever it begins.
  if (isA && isB) return MINUTES_PER_DAY;
  const [own, other] = isA ? [a, b] : [b, a];
  const seconds =
    way > 0
      ? other.nominal + other.shape.lengthSeconds - own.nominal
      : own.nominal + own.shape.lengthSeconds - other.nominal;
  return Math.ceil(seconds / 60);
}

function secondsPastPiece(finding: Finding, moved: Draft, way: Way): number {
  const { situation } = moved;
  const piece = pieceOf(finding, moved);
  // A run that waits does not begin when its start is.
  if (!piece || piece.run.begin !== piece.run.nominal) return 0;
  if (finding.code === 'late-finish') {
    const noon = 43_200;
    const second = piece.run.begin - startOfDay(dayOf(piece.run.begin));
    if (way > 0) return (second < noon ? noon : 2 * noon) - second;
    const over = nightOver(situation, piece.run);
    const end = situation.watering.pieces
      .filter(({ run }) => run === piece.run)
      .reduce((last, { to }) => Math.max(last, to), 0);
    return over === null || !isAllBound(finding, moved) ? 0 : end - over;
  }
  const first = parseDateTime(finding.first!)!;
  if (finding.code === 'rule-hours') {
    const hours = hoursByDateWithin((day) => situation.rulesOn(day).noWater, piece).find(
      ({ from, to }) => from <= first && to > first,
    );
    if (!hours) return 0;
    return way > 0 ? hours.to - piece.from : piece.to - hours.from;
  }
  const day = dayOf(first);
  return way > 0 ? startOfDay(addDays(day, 1)) - piece.from : piece.to - startOfDay(day);
}

/** No station of the program is spared by the rule: its last piece is the one that is late. */
const isAllBound = ({ program }: Finding, { plan }: Draft): boolean => {
  const { runs } = plan.programs.find(({ id }) => id === program)!;
  const exempt: readonly unknown[] = plan.rules?.exempt ?? [];
  return (
    !plan.rules?.periods?.length &&
    runs.every(({ station }) => {
      const settings = plan.stations.find(({ number }) => number === station);
      return settings?.plant !== 'seed' && !exempt.includes(settings?.head);
    })
  );
};
