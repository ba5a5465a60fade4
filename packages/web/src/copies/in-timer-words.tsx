import type { Confirmed } from '@water-clock/core/settings';
import { counted } from '@water-clock/core/words';
import { Link } from 'react-router';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import { useInTimer, type Believed } from '../timer-records/use-in-timer';
import { copyWords, REASON_NAMES } from './copy-words';
import pageStyles from '../ui/page.module.css';

/** What is believed to be in a timer, how sure that is, and the way to read it off. */
export function InTimerWords({ timerId }: { timerId: string }) {
  const believed = useInTimer(timerId);
  if (!believed) return <span className={pageStyles['soft']}>…</span>;
  return <Words timerId={timerId} {...believed} />;
}

/** The same on a line of its own; nothing where all of it was read, or nobody knows of anything. */
export function NotConfirmedNow({ timerId }: { timerId: string }) {
  const believed = useInTimer(timerId);
  if (!believed?.confirmed || isAllRead(believed.confirmed)) return null;
  return (
    <p className={pageStyles['soft']} style={{ margin: '0 16px 6px' }}>
      In the timer: <Words timerId={timerId} {...believed} />
    </p>
  );
}

function Words({ timerId, copy, waiting, keyedIn, confirmed }: Believed & { timerId: string }) {
  const clock = useClock();
  if (!copy && !waiting && !keyedIn)
    return <span className={pageStyles['soft']}>nobody knows: read it off under As found</span>;
  return (
    <>
      {copy && <Link to={`/copies/${copy.id}`}>{copyWords(copy, clock)}</Link>}
      {waiting &&
        `${REASON_NAMES[waiting.reason]}, ${momentWords(waiting.madeAt, clock)}, waiting to be sent`}
      {keyedIn > 0 && <span className={pageStyles['soft']}> · {sinceWords(keyedIn)}</span>}
      {confirmed && <NotConfirmed timerId={timerId} {...confirmed} />}
    </>
  );
}

/** @example "2 values keyed in since" */
export const sinceWords = (keyedIn: number): string =>
  `${counted(keyedIn, 'value')} keyed in since`;

const isAllRead = ({ keyedIn, unknown }: Confirmed): boolean => keyedIn + unknown === 0;

/** How much of what is believed to be in a timer nobody has read off it, and the way to read it. */
export function NotConfirmed({ timerId, ...confirmed }: Confirmed & { timerId: string }) {
  if (isAllRead(confirmed)) return null;
  const notRead = confirmed.keyedIn + confirmed.unknown;
  return (
    <span className={pageStyles['soft']}>
      {' '}
      · {notRead} of {confirmed.of} values {notRead === 1 ? 'was' : 'were'} not confirmed:{' '}
      <Link to={`/timers/${timerId}/as-found`}>read them off</Link>
    </span>
  );
}
