import type { Confirmed } from '@water-clock/core/settings';
import { Link } from 'react-router';
import pageStyles from '../ui/page.module.css';

/** How much of what is believed to be in a timer nobody has read off it, and the way to read it. */
export function NotConfirmed({ timerId, of, keyedIn, unknown }: Confirmed & { timerId: string }) {
  const notRead = keyedIn + unknown;
  if (notRead === 0) return null;
  return (
    <span className={pageStyles['soft']}>
      {' '}
      · {notRead} of {of} values were not confirmed:{' '}
      <Link to={`/timers/${timerId}/as-found`}>read them off</Link>
    </span>
  );
}
