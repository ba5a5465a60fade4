import type { DayNumber } from '@water-clock/core/civil-time';
import {
  houseNumberOf,
  rulesOn,
  type HouseRule,
  type RuleSet,
} from '@water-clock/core/local-rules';
import { listInWords, weekdayNames } from '@water-clock/core/words';
import { Caution } from '../ui/page';
import { useSay } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';

interface RulesInForceProps {
  readonly set: RuleSet;
  readonly address: string;
  readonly on: DayNumber;
}

/** What a rule set says to one house on a date, and where the words come from. */
export function RulesInForceWords({ set, address, on }: RulesInForceProps) {
  const say = useSay();
  const found = rulesOn(set, houseNumberOf(address), on);
  if (!found)
    return (
      <Caution>
        {set.district} has no rule that holds today. Check with the water supplier whether that is
        still so.
      </Caution>
    );
  const { period, house } = found;
  const hours = period.noWater.map(({ from, to }) => say(`${from} to ${to}`));
  return (
    <>
      <dl className={pageStyles['facts']}>
        <dt>Days</dt>
        <dd>{house ? daysOfHouse(house) : period.houses.length === 0 ? 'any day' : 'by number'}</dd>
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
      {!house && period.houses.length > 0 && (
        <Caution>
          The days go by house number, and this address has none: put it in, or check with the water
          supplier.
        </Caution>
      )}
    </>
  );
}

export function daysOfHouse({ weekdays, dateParity }: HouseRule): string {
  const parts = [
    ...(weekdays ? [weekdays.length > 0 ? weekdayNames(weekdays).join(' ') : 'no day at all'] : []),
    ...(dateParity ? [`${dateParity} dates`] : []),
  ];
  return parts.join(', ') || 'any day';
}
