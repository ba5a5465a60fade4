import { formatDateTime } from '@water-clock/core/civil-time';
import { setController } from '@water-clock/core/settings';
import { Button } from 'antd';
import { useState } from 'react';
import { useClock, useDayOrder, useSay } from '../../session/use-signed-in';
import { MomentField } from '../../ui/moment-field';
import type { ClockFieldProps } from './clock-field-props';
import { nowIn } from '../../format/now-in';
import { changesAhead, changeWords } from './clock-words';
import styles from './clock-field.module.css';

/** Where a reading of the clock is entered. */
export function ClockEditor(props: ClockFieldProps & { readonly onDone?: () => void }) {
  const { clock, timeZone, since, onEdit, onDone } = props;
  const reads = { clock: useClock(), order: useDayOrder() };
  const trueNow = () => formatDateTime(nowIn(timeZone, new Date()));
  const [shows, setShows] = useState(() => clock?.timerReads ?? trueNow());
  const [truly, setTruly] = useState<string | null>(clock?.trueTime ?? null);

  const [isReadable, setReadable] = useState(true);
  const set = (timerReads: string, trueTime: string) => {
    setShows(timerReads);
    setTruly(trueTime);
    onEdit(setController({ clock: { timerReads, trueTime } }), 'clock');
  };
  const changeShown = (value: string) => {
    setShows(value);
    // What was read off belongs to the true time at which it was; until one is taken, it waits.
    if (truly !== null) set(value, truly);
  };

  return (
    <div className={styles['clock-editor']}>
      <MomentField
        label="The timer shows"
        value={shows}
        {...reads}
        onReadable={setReadable}
        onChange={changeShown}
      />
      <Button disabled={!isReadable} onClick={() => set(shows, trueNow())}>
        It shows this now
      </Button>
      <MomentField
        label="True time then"
        value={truly}
        {...reads}
        onChange={(value) => set(shows, value)}
      />
      <div className={styles['clock-actions']}>
        <Button
          onClick={() => {
            const now = trueNow();
            set(now, now);
          }}
        >
          It is right
        </Button>
        <Button
          disabled={!clock}
          onClick={() => {
            onEdit(setController({ clock: undefined }));
            onDone?.();
          }}
        >
          Forget the reading
        </Button>
      </div>
      <SummerTime timeZone={timeZone} since={since} />
    </div>
  );
}

function SummerTime({ timeZone, since }: Pick<ClockFieldProps, 'timeZone' | 'since'>) {
  const say = useSay();
  if (timeZone === undefined)
    return (
      <p className={styles['clock-note']}>
        True time is this device&apos;s: the home has no time zone.
      </p>
    );
  const changes = changesAhead(timeZone, since);
  return (
    <div className={styles['clock-note']}>
      {changes.length === 0
        ? `No change of summer time in ${timeZone} in the year ahead.`
        : `Summer time in ${timeZone}; most timers must be put by hand:`}
      <ul>
        {changes.map((change) => (
          <li key={change.at}>{say(changeWords(change))}</li>
        ))}
      </ul>
    </div>
  );
}
