import { clsx } from 'clsx';
import { parseDate } from '@water-clock/core/civil-time';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { changesAhead, changeWords } from '../desk/clock/clock-words';
import { useSay } from '../session/use-signed-in';
import { stepPlace } from './step-places';
import { TrueTime } from './true-time';
import { VisitFrame, type VisitHere } from './visit-frame';
import { todayHere } from '../format/today';
import { oncePressed } from '../ui/once-pressed';
import styles from './big-step.module.css';
import { Foot } from '../ui/page';
import pageStyles from '../ui/page.module.css';

/** The clock of the timer is set: a right program on a wrong clock waters on the wrong day. */
export function ClockPage() {
  return <VisitFrame title="Clock">{(here) => <SetClock {...here} />}</VisitFrame>;
}

function SetClock({ open, timeZone }: VisitHere) {
  const navigate = useNavigate();
  const say = useSay();
  const [change] = timeZone ? changesAhead(timeZone, parseDate(todayHere())!) : [];
  const done = async () => {
    await open.add({ kind: 'step', step: 'clock', state: 'done' }, 'Clock: set');
    await navigate(stepPlace('yard', open.timerId));
  };
  return (
    <div className={styles['big-step']}>
      <p>Set the clock of the timer to this. Mind AM or PM, the year and the weekday.</p>
      <TrueTime timeZone={timeZone} />
      {change && <p className={pageStyles['soft']}>Next change: {say(changeWords(change))}.</p>}
      {timeZone === undefined && (
        <p className={pageStyles['soft']}>
          This is the time of your device: the home has no time zone yet.
        </p>
      )}
      <Foot>
        <Button
          type="primary"
          className={clsx(styles['big-tap'])}
          onClick={oncePressed(() => void done())}
        >
          The timer shows it now
        </Button>
      </Foot>
    </div>
  );
}
