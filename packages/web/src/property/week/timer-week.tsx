import { parseDateTime, type DayNumber, type TimerSeconds } from '@water-clock/core/civil-time';
import { clockErrorSeconds } from '@water-clock/core/engine';
import { holdsNotOver, type Plan } from '@water-clock/core/settings';
import type { TimerWeek as Week } from '@water-clock/core/sheets';
import { lengthInWords, TOO_MUCH_WORDS } from '@water-clock/core/words';
import { Alert, Skeleton } from 'antd';
import { Link } from 'react-router';
import type { Timer } from '../../api/timers';
import { useTimerWeek } from '../../computing/use-timer-week';
import { InTimerWords } from '../../copies/in-timer-words';
import { Loaded } from '../../ui/loaded';
import { Caution } from '../../ui/page';
import { HoldRow } from '../hold-row';
import { HoldTold } from './hold-told';
import { SendSheet } from './send-sheet';
import { StationAnswer } from './station-answer';
import { usePlanInTimer } from '../../timer-records/use-plan-in-timer';
import { toTheMinute } from './watering-words';
import { WeekTable } from './week-table';
import pageStyles from '../../ui/page.module.css';
import styles from './week.module.css';

interface TimerWeekProps {
  readonly timerId: string;
  readonly from: DayNumber;
  /** At the home. */
  readonly now: TimerSeconds;
  /** The station that somebody asks about; null: none. */
  readonly asked: number | null;
}

/** A timer's week by station, how it is held, and how one station is run. */
export function TimerWeek({ timerId, ...shown }: TimerWeekProps) {
  const { queries, timer, plan } = usePlanInTimer(timerId);
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => <Shown timer={timer!} plan={plan!} {...shown} />}
    </Loaded>
  );
}

interface ShownProps extends Omit<TimerWeekProps, 'timerId'> {
  readonly timer: Timer;
  readonly plan: Plan;
}

function Shown({ timer, plan, from, now, asked }: ShownProps) {
  const holds = holdsNotOver(plan.controller.pauses, now);
  const last = holds.at(-1);
  const heldUntil = last ? parseDateTime(last.to)! : null;
  const { answer, hasFailed } = useTimerWeek({ plan, from, now, station: asked, heldUntil });
  const again = answer?.week?.again ?? null;
  return (
    <section className={pageStyles['sheet']} aria-label={timer.name}>
      <h2>
        <Link to={`/timers/${timer.id}`}>{timer.name}</Link>
      </h2>
      {hasFailed && <Alert type="warning" showIcon title="Its week could not be worked out." />}
      {answer?.week === null && <Alert type="warning" showIcon title={TOO_MUCH_WORDS} />}
      {!answer && !hasFailed && <Skeleton active />}
      {answer?.week && <Times {...{ timer, plan, from, now, asked }} week={answer.week} />}
      <dl className={pageStyles['facts']}>
        <dt>In the timer</dt>
        <dd>
          <InTimerWords timerId={timer.id} />
        </dd>
        <HoldRow timerId={timer.id} />
      </dl>
      <SendSheet timerId={timer.id} property={timer.property} />
      <div className={styles['hows']}>
        <HoldTold
          {...{ timer, holds }}
          again={again && toTheMinute(again.from)}
          timeZone={plan.site?.timeZone}
        />
      </div>
    </section>
  );
}

function Times({ timer, plan, from, now, asked, week }: ShownProps & { week: Week }) {
  const station = plan.stations.find(({ number }) => number === asked);
  return (
    <>
      {station && <StationAnswer {...{ station, now }} next={week.next} dry={week.dry} />}
      <ClockWords plan={plan} />
      <WeekTable name={timer.name} {...{ plan, from, asked }} waterings={week.waterings} />
    </>
  );
}

/** What a clock that is wrong does to the times. */
function ClockWords({ plan }: { plan: Plan }) {
  const ahead = clockErrorSeconds(plan.controller);
  if (ahead === 0) return null;
  return (
    <Caution>
      The clock of this timer was {lengthInWords(Math.abs(ahead))} {ahead > 0 ? 'fast' : 'slow'}{' '}
      when it was read. The times here are those at which it really waters.
    </Caution>
  );
}
