import { clsx } from 'clsx';
import { RightOutlined } from '@ant-design/icons';
import { counted } from '@water-clock/core/words';
import type { TimerNext } from '@water-clock/core/visits';
import { useQuery } from '@tanstack/react-query';
import { Link, NavLink, useMatch } from 'react-router';
import { timerQuery } from '../api/timers';
import { useMayChange } from '../session/use-signed-in';
import { timerPages } from '../timer-records/timer-pages';
import { useOpenVisit } from '../timer-records/use-visit';
import bar from './bar.module.css';
import styles from './timer-bar.module.css';
import { useTimerNext } from './use-timer-next';

/** The pages of a timer, on each of them, and what is most likely to be done next. */
export function TimerBar() {
  const timerId = useMatch('/timers/:timerId/*')?.params.timerId;
  return timerId === undefined ? null : <Bar key={timerId} timerId={timerId} />;
}

function Bar({ timerId }: { timerId: string }) {
  const timer = useQuery(timerQuery(timerId));
  const mayChange = useMayChange();
  const open = useOpenVisit(timerId);
  if (!timer.data) return null;
  const { property } = timer.data;
  return (
    <nav
      className={clsx(bar['bar'], styles['timer-bar'])}
      aria-label="This timer"
      data-visited={open ? true : undefined}
    >
      <ul>
        {timerPages(mayChange).map(({ place, name }) => (
          <li key={place}>
            <NavLink to={`/timers/${timerId}${place}`} end={place === ''}>
              {name}
            </NavLink>
          </li>
        ))}
        <li>
          <Link to={`/properties/${property.id}/week`}>This week</Link>
        </li>
      </ul>
      {mayChange && open === null && property.setUpSkipped === null && <Next timerId={timerId} />}
    </nav>
  );
}

/** Where it is done, and the words for it. */
function placeOf(next: TimerNext): readonly [place: string, words: string] {
  switch (next.to) {
    case 'stations':
      return ['/yard', 'Say what its stations water'];
    case 'plan':
      return ['?mode=plan', 'Plan its watering'];
    case 'collisions':
      return ['', `Fix ${counted(next.count, 'collision')}`];
    case 'visit':
      return ['/visit', `Key in ${counted(next.values, 'value')}`];
  }
}

function Next({ timerId }: { timerId: string }) {
  const next = useTimerNext(timerId);
  const here = useMatch('/timers/:timerId/*')?.params['*'] ?? '';
  if (!next) return null;
  const [place, words] = placeOf(next);
  // Where one is already, it is no next step.
  if (place === `/${here}` || (place === '' && here === '')) return null;
  return (
    <span className={bar['dock']} data-dock>
      <Link to={`/timers/${timerId}${place}`} className={bar['next']}>
        Next: {words} <RightOutlined aria-hidden="true" />
      </Link>
    </span>
  );
}
