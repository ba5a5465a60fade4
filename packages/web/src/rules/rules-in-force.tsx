import type { DayNumber } from '@water-clock/core/civil-time';
import { rulesOn, type House, type HouseRule, type RuleSet } from '@water-clock/core/local-rules';
import { listInWords, weekdayNames } from '@water-clock/core/words';
import { Caution } from '../ui/page';
import { useSay } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';

interface RulesInForceProps {
  readonly set: RuleSet;
  readonly house: House;
  readonly on: DayNumber;
}

/** What a rule set says to one house on a date, and where the words come from. */
export function RulesInForceWords({ set, house, on }: RulesInForceProps) {
  const say = useSay();
  const found = rulesOn(set, house, on);
  if (!found)
    return (
      <Caution>
        {set.district} has no rule that holds today. Check with the water supplier whether that is
        still so.
      </Caution>
    );
  const { period, rule } = found;
  const hours = period.noWater.map(({ from, to }) => say(`${from} to ${to}`));
  return (
    <>
      <dl className={pageStyles['facts']}>
        <dt>Days</dt>
        <dd>{rule ? daysOfHouse(rule) : period.houses.length === 0 ? 'any day' : 'not known'}</dd>
        {hours.length > 0 && (
          <>
            <dt>Never</dt>
            <dd>{listInWords(hours)}</dd>
          </>
        )}
        {period.exempt.length > 0 && (
          <>
            <dt>Spared</dt>
            <dd>{period.exempt.join(', ')}</dd>
          </>
        )}
        {period.words && (
          <>
            <dt>In words</dt>
            <dd>“{period.words}”</dd>
          </>
        )}
        <dt>Source</dt>
        <dd>{period.source || 'not given'}</dd>
      </dl>
      {!rule && period.houses.length > 0 && (
        <Caution>
          The days go by {listInWords(whatTells(period.houses))}, and no line of the rules fits what
          is known of this home: put it in, or check with the water supplier.
        </Caution>
      )}
    </>
  );
}

export type WhatTells = 'house number' | 'water';

/** What of a home its days go by. */
export const whatTells = (rules: readonly HouseRule[]): WhatTells[] => [
  ...(rules.some(({ houses }) => houses !== 'all') ? (['house number'] as const) : []),
  ...(rules.some(({ supplies }) => supplies) ? (['water'] as const) : []),
];

export function daysOfHouse({ weekdays, dateParity }: HouseRule): string {
  const parts = [
    ...(weekdays ? [weekdays.length > 0 ? weekdayNames(weekdays).join(' ') : 'no day at all'] : []),
    ...(dateParity ? [`${dateParity} dates`] : []),
  ];
  return parts.join(', ') || 'any day';
}
