import { addDays, type DayNumber } from '../civil-time/index.js';
import { rulesOfDate, type Plan, type RulesOfDate } from '../settings/index.js';
import type { Speaker } from '../household-words/index.js';
import { hoursOf } from './sheet-notes.js';

const YEAR = 366;

/** Which rules hold at the home, from when others do, and who answers for keeping them; none where there are none. */
export function sheetRules(speaker: Speaker, { rules }: Plan, on: DayNumber): string[] {
  const wordsOn = (day: DayNumber) => rulesWords(speaker, rulesOfDate(rules, day));
  const now = wordsOn(on);
  const change = Array.from({ length: YEAR }, (_, index) => addDays(on, index + 1)).find(
    (day) => wordsOn(day) !== now,
  );
  if (now === speaker.message('ruleNone') && change === undefined) return [];
  return [
    speaker.message('rulesNow', { rules: now }),
    ...(change === undefined
      ? []
      : [
          speaker.message('rulesFrom', {
            date: speaker.date(change),
            rules: wordsOn(change),
          }),
        ]),
    speaker.message('rulesOwner'),
  ];
}

function rulesWords(
  speaker: Speaker,
  { weekdays, dateParity, noWater, exempt }: RulesOfDate,
): string {
  const asked = [
    ...(weekdays ? [weekdaysRule(speaker, weekdays)] : []),
    ...(dateParity ? [speaker.message('ruleParity', { parity: dateParity })] : []),
    ...noWater.map((hours) => speaker.message('ruleHours', hoursOf(speaker, hours))),
  ];
  if (asked.length === 0) return speaker.message('ruleNone');
  const spared =
    exempt.length > 0
      ? [
          speaker.message('ruleExempt', {
            heads: speaker.listed(exempt.map((head) => speaker.language.headNames[head])),
          }),
        ]
      : [];
  return [...asked, ...spared].join('; ');
}

const weekdaysRule = (speaker: Speaker, weekdays: readonly number[]): string =>
  weekdays.length === 0
    ? speaker.message('ruleNoDay')
    : speaker.message('ruleWeekdays', { names: speaker.weekdaysListed(weekdays) });
