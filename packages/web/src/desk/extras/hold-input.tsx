import {
  addSeconds,
  formatDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { holdFor, holdLeftSeconds, type Stretch } from '@water-clock/core/settings';
import { leftInWords, stretchInWords } from '@water-clock/core/words';
import { Button } from 'antd';
import { useState } from 'react';
import { useDayOrder, useSay } from '../../session/use-signed-in';
import { DateField } from '../../ui/date-field';
import { NumberInput } from '../../ui/number-input';
import { nowIn } from '../../format/now-in';
import pageStyles from '../../ui/page.module.css';
import styles from './extra-fields.module.css';

const USUAL_DAYS = 3;

interface HoldInputProps {
  readonly holds: readonly Stretch[];
  /** The longest that the timer takes. */
  readonly mostDays: number;
  /** Where the timer hangs; absent: where this device is. */
  readonly timeZone: string | undefined;
  /** The last change is on its way: no other is taken. */
  readonly isBusy?: boolean;
  readonly onChange: (holds: Stretch[]) => void;
}

/** Holds: what is left of each, and a new one from now on, of some days or to a date. */
export function HoldInput(props: HoldInputProps) {
  const { holds, mostDays, timeZone, isBusy = false, onChange } = props;
  const say = useSay();
  const order = useDayOrder();
  const [now] = useState(() => nowIn(timeZone, new Date()));
  const [days, setDays] = useState(Math.min(USUAL_DAYS, mostDays));
  const [until, setUntil] = useState<DayNumber | null>(null);
  const minute = addSeconds(now, -(now % 60));
  const longest = addSeconds(minute, mostDays * SECONDS_PER_DAY);
  const isUntilGood = until !== null && startOfDay(until) > minute && startOfDay(until) <= longest;
  // A timer has one hold at a time: a new one is in place of that which is in force.
  const begin = (hold: Stretch) =>
    onChange([...holds.filter((one) => holdLeftSeconds(one, now) === null), hold]);
  return (
    <div className={styles['hold-input']}>
      {holds.map((hold, index) => {
        const left = holdLeftSeconds(hold, now);
        return (
          <div key={`${hold.from} ${index}`} className={styles['hold-line']}>
            <span>
              {say(stretchInWords(hold))}
              {left !== null && <strong>, {leftInWords(left)} left</strong>}
            </span>
            <Button
              size="small"
              disabled={isBusy}
              onClick={() => onChange(holds.filter((_, at) => at !== index))}
            >
              {left === null ? 'Remove' : 'End it'}
            </Button>
          </div>
        );
      })}
      {mostDays === 0 ? (
        <span className={pageStyles['soft']}>This timer type has no hold.</span>
      ) : (
        <>
          <div className={styles['hold-line']}>
            <span>
              Hold for{' '}
              <NumberInput
                label="Days of the hold"
                least={1}
                most={mostDays}
                isWhole
                width={70}
                value={days}
                onChange={setDays}
              />{' '}
              {days === 1 ? 'day' : 'days'} from now
            </span>
            <Button size="small" disabled={isBusy} onClick={() => begin(holdFor(minute, days))}>
              Hold
            </Button>
          </div>
          <div className={styles['hold-line']}>
            <span>
              Or until{' '}
              <DateField
                label="The day it waters again"
                day={until}
                {...{ order }}
                onChange={setUntil}
              />
            </span>
            <Button
              size="small"
              disabled={!isUntilGood || isBusy}
              onClick={() =>
                until !== null &&
                begin({ from: formatDateTime(minute), to: formatDateTime(startOfDay(until)) })
              }
            >
              Hold until then
            </Button>
          </div>
          {until !== null && !isUntilGood && (
            <span role="alert" className={pageStyles['soft']}>
              {startOfDay(until) <= minute
                ? 'That day is past.'
                : `This timer type holds for ${mostDays} days at most.`}
            </span>
          )}
        </>
      )}
    </div>
  );
}
