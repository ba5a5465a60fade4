import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { TimerOfProperty } from '../api/properties';
import { changeTimer, timerQuery } from '../api/timers';
import { useWrite } from '../api/use-write';
import { InTimerWords } from '../copies/in-timer-words';
import { useMayChange } from '../session/use-signed-in';
import { StandingWords } from '../timer-records/standing-words';
import { timerPages } from '../timer-records/timer-pages';
import { useOpenVisit } from '../timer-records/use-visit';
import { HoldRow } from './hold-row';
import { OwnMemoryHeld } from './own-memory-row';
import { SensorRow } from './sensor-row';
import pageStyles from '../ui/page.module.css';
import styles from './property-page.module.css';

interface TimerCardProps {
  readonly timer: TimerOfProperty;
  /** One button of the page is the next step. */
  readonly isFirst: boolean;
}

/** One timer of a property: what its nights bring, what is in it, and the ways to work on it. */
export function TimerCard({ timer, isFirst }: TimerCardProps) {
  const { id, name, timerType, stations, standing } = timer;
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const isVisited = Boolean(useOpenVisit(id));
  return (
    <section className={pageStyles['sheet']} aria-label={name}>
      <h2>
        <Link to={`/timers/${id}`}>{name}</Link>
        <span className={pageStyles['soft']}>
          {timerType ?? 'type not named'} · {stations} wired
        </span>
      </h2>
      <dl className={pageStyles['facts']}>
        <dt>Needs</dt>
        <dd>
          <StandingWords standing={standing} most={1} />
        </dd>
        <HoldRow timerId={id} />
        <SensorRow timerId={id} />
        <dt>In the timer</dt>
        <dd>
          <InTimerWords timerId={id} />
        </dd>
        <dt>Own memory</dt>
        <dd>
          <OwnBackup timerId={id} />
        </dd>
      </dl>
      <div className={styles['timer-ways']} role="group" aria-label="Ways to go on">
        {mayChange && (
          <Button
            {...((isFirst || isVisited) && { type: 'primary' as const })}
            onClick={() => void navigate(`/timers/${id}/visit`)}
          >
            {isVisited ? 'Go on with the visit' : 'Visit'}
          </Button>
        )}
        {timerPages(mayChange).map(({ place, name: words }) => (
          <Button key={place} onClick={() => void navigate(`/timers/${id}${place}`)}>
            {place === '' ? 'Open the desk' : words}
          </Button>
        ))}
      </div>
    </section>
  );
}

const BACKUPS = [
  { value: 'unknown', label: 'nobody has looked', disabled: true },
  { value: 'yes', label: 'can store a copy of its own' },
  { value: 'no', label: 'has none' },
];

function OwnBackup({ timerId }: { timerId: string }) {
  const timer = useQuery(timerQuery(timerId));
  const { write, isWriting } = useWrite(
    'change-timer',
    (hasBackup: boolean) => changeTimer(timerId, { hasOwnBackup: hasBackup }),
    { touches: [timerQuery(timerId).queryKey] },
  );
  const mayChange = useMayChange();
  const { hasOwnBackup = null } = timer.data ?? {};
  return (
    <>
      <Select
        size="small"
        aria-label="Can the timer store a copy of its own"
        disabled={!mayChange}
        value={hasOwnBackup === null ? 'unknown' : hasOwnBackup ? 'yes' : 'no'}
        options={BACKUPS}
        popupMatchSelectWidth={false}
        loading={isWriting}
        onChange={(value) => void write(value === 'yes')}
      />
      {timer.data && hasOwnBackup && (
        <OwnMemoryHeld timerId={timerId} handling={timer.data.handling} />
      )}
    </>
  );
}
