import { Button } from 'antd';
import { Link } from 'react-router';
import type { TimerToDo } from '../api/round';
import { dayWords } from '../format/day-words';
import pageStyles from '../ui/page.module.css';
import styles from './round.module.css';

interface WhoseTimerProps {
  readonly timer: Pick<TimerToDo, 'id' | 'name' | 'home' | 'plannedOn'>;
  readonly onPlan: () => void;
}

/** A timer and its home, and when somebody goes there; where nobody does, a visit is planned from here. */
export const WhoseTimer = ({ timer: { id, name, home, plannedOn }, onPlan }: WhoseTimerProps) => (
  <div className={styles['whose']}>
    <span>
      <Link to={`/properties/${home.id}`}>{home.name}</Link>
      {' · '}
      <Link to={`/timers/${id}`}>{name}</Link>
    </span>
    {plannedOn === null ? (
      <Button size="small" aria-label={`Plan a visit to ${home.name}, ${name}`} onClick={onPlan}>
        Plan a visit
      </Button>
    ) : (
      <span className={pageStyles['soft']}>visit {dayWords(plannedOn)}</span>
    )}
  </div>
);
