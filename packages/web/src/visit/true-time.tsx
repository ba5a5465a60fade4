import { clsx } from 'clsx';
import { dayOf, formatDateTime } from '@water-clock/core/civil-time';
import { longDate } from '@water-clock/core/words';
import { useEffect, useState } from 'react';
import { nowIn } from '../format/now-in';
import { useSay } from '../session/use-signed-in';
import styles from './big-step.module.css';

/** The true time at a home, as its timer should show it, second by second. */
export function TrueTime({ timeZone }: { timeZone: string | undefined }) {
  const [now, setNow] = useState(() => nowIn(timeZone, new Date()));
  const say = useSay();
  useEffect(() => {
    const tick = setInterval(() => setNow(nowIn(timeZone, new Date())), 500);
    return () => clearInterval(tick);
  }, [timeZone]);
  const day = dayOf(now);
  const text = formatDateTime(now);
  return (
    <div className={styles['true-time']} role="timer" aria-label="True time">
      <span className={clsx(styles['big-value'], 'figures')}>{say(text.slice(11))}</span>
      <span>
        {longDate(day)} {text.slice(0, 4)}
      </span>
    </div>
  );
}
