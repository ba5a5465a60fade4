import { addDays, type DayNumber } from '../civil-time/index.js';
import { rulesOfDate, type Plan, type RulesOfDate } from '../settings/index.js';
import { HEAD_NAMES } from './messages/en.js';
import { dateWords } from './messages/dates.js';
import { listed, message, weekdaysListed } from './messages/message.js';
import { hoursOf } from './sheet-notes.js';

const YEAR = 366;

/** Which rules hold at the home, from when others do, and who answers for keeping them; none where there are none. */
export function sheetRules({ rules }: Plan, on: DayNumber): string[] {
  const now = rulesWords(rulesOfDate(rules, on));
  const change = Array.from({ length: YEAR }, (_, index) => addDays(on, index + 1)).find(
    (day) => rulesWords(rulesOfDate(rules, day)) !== now,
  );
  if (now === message('ruleNone') && change === undefined) return [];
  return [
    message('rulesNow', { rules: now }),
    ...(change === undefined
      ? []
      : [
          message('rulesFrom', {
            date: dateWords(change),
            rules: rulesWords(rulesOfDate(rules, change)),
          }),
        ]),
    message('rulesOwner'),
  ];
}

function rulesWords({ weekdays, dateParity, noWater, exempt }: RulesOfDate): string {
  const asked = [
    ...(weekdays ? [weekdaysRule(weekdays)] : []),
    ...(dateParity ? [message('ruleParity', { parity: dateParity })] : []),
    ...noWater.map((hours) => message('ruleHours', hoursOf(hours))),
  ];
  if (asked.length === 0) return message('ruleNone');
  const spared =
    exempt.length > 0
      ? [message('ruleExempt', { heads: listed(exempt.map((head) => HEAD_NAMES[head])) })]
      : [];
  return [...asked, ...spared].join('; ');
}

const weekdaysRule = (weekdays: readonly number[]): string =>
  weekdays.length === 0
    ? message('ruleNoDay')
    : message('ruleWeekdays', { names: weekdaysListed(weekdays) });
