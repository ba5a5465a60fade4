import { civilDateOf, dayOf, formatDateTime, type DayNumber } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import type { RulesOfDate } from '../settings/index.js';
import { listInWords, longDate, weekdayNames } from '../words/index.js';
import { rule, type FindingFacts } from './finding.js';
import { Occurrences } from './occurrences.js';
import { ruleWords, spanWords, stationWords } from './place-words.js';
import type { Situation } from './situation.js';
import { isOnWeekdays, onceADay, firstTouchedDay, touches } from './touched-days.js';

interface OnForbiddenDay {
  readonly piece: WaterPiece;
  readonly day: DayNumber;
  readonly afterMidnight: boolean;
}

/** Water on a date on which the local rules allow none, also what goes on past midnight. */
export const ruleDay = rule('rule-day', 'error', (situation) => {
  const isForbidden = onceADay((day) => isForbiddenBy(situation.rulesOn(day), day));
  const occurrences = new Occurrences<OnForbiddenDay>();
  for (const piece of situation.watering.pieces) {
    const day = firstTouchedDay(
      piece,
      (date) => isForbidden(date) && !situation.isExempt(piece.station, date),
    );
    if (day === null) continue;
    const afterMidnight = !isForbidden(dayOf(piece.run.nominal));
    occurrences.add(piece, { piece, day, afterMidnight });
  }
  return occurrences.told((occurrence, program, station) =>
    words(situation, occurrence, program, station),
  );
});

function isForbiddenBy({ weekdays, dateParity }: RulesOfDate, day: DayNumber): boolean {
  if (weekdays && !isOnWeekdays(day, weekdays)) return true;
  const isOdd = civilDateOf(day).day % 2 === 1;
  return dateParity !== undefined && isOdd !== (dateParity === 'odd');
}

function words(
  situation: Situation,
  { piece, day, afterMidnight }: OnForbiddenDay,
  program: string,
  station: number,
): FindingFacts {
  const name = stationWords(situation.station(station));
  const why = afterMidnight
    ? `the run of ${longDate(dayOf(piece.run.nominal))} goes on past midnight into a day`
    : 'a day';
  return {
    message: ruleWords(
      situation,
      day,
      `${name} waters in program ${program} on ${spanWords(piece.from, piece.to)}: ${why} on which the local rules allow no watering.`,
    ),
    fix: afterMidnight
      ? `Let program ${program} start so early that it ends before midnight.`
      : `Water only on ${allowedDays(situation.rulesOn(day))}; the water supplier has the rules in force.`,
    first: formatDateTime(touches(piece, day)),
    afterMidnight,
  };
}

function allowedDays({ weekdays, dateParity }: RulesOfDate): string {
  const names = weekdays && (listInWords(weekdayNames(weekdays)) || 'no day at all');
  const parity = dateParity && `${dateParity} dates`;
  return [names, parity].filter(Boolean).join(', and only ');
}
