import type { Confirmed } from '@water-clock/core/settings';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { copiesQuery } from '../api/copies';
import { useClock } from '../session/use-signed-in';
import { copyWords } from './copy-words';
import pageStyles from '../ui/page.module.css';

/** The same of a timer, on a line of its own; nothing where all of it was read. */
export function NotConfirmedNow({ timerId }: { timerId: string }) {
  const copies = useQuery(copiesQuery(timerId));
  const clock = useClock();
  const inTimer = copies.data?.find(({ isInTimer }) => isInTimer);
  if (!inTimer || inTimer.confirmed.keyedIn + inTimer.confirmed.unknown === 0) return null;
  return (
    <p className={pageStyles['soft']} style={{ margin: '0 16px' }}>
      In the timer: {copyWords(inTimer, clock)}
      <NotConfirmed timerId={timerId} {...inTimer.confirmed} />
    </p>
  );
}

/** How much of what is believed to be in a timer nobody has read off it, and the way to read it. */
export function NotConfirmed({ timerId, of, keyedIn, unknown }: Confirmed & { timerId: string }) {
  const notRead = keyedIn + unknown;
  if (notRead === 0) return null;
  return (
    <span className={pageStyles['soft']}>
      {' '}
      · {notRead} of {of} values {notRead === 1 ? 'was' : 'were'} not confirmed:{' '}
      <Link to={`/timers/${timerId}/as-found`}>read them off</Link>
    </span>
  );
}
