import type { DayNumber, TimerSeconds } from '@water-clock/core/civil-time';
import { clockErrorSeconds, isTooMuch } from '@water-clock/core/engine';
import { stationWaterings, type StationWatering } from '@water-clock/core/sheets';
import type { Plan } from '@water-clock/core/settings';
import { lengthInWords, TOO_MUCH_WORDS } from '@water-clock/core/words';
import { Alert } from 'antd';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Timer } from '../../api/timers';
import { InTimerWords } from '../../copies/in-timer-words';
import { Loaded } from '../../ui/loaded';
import { Caution } from '../../ui/page';
import { HoldRow } from '../hold-row';
import { HoldTold } from './hold-told';
import { StationAnswer } from './station-answer';
import { usePlanInTimer } from './use-plan-in-timer';
import { WeekTable } from './week-table';
import pageStyles from '../../ui/page.module.css';
import styles from './week.module.css';

interface TimerWeekProps {
  readonly timerId: string;
  readonly from: DayNumber;
  /** At the home. */
  readonly now: TimerSeconds;
  /** The station that somebody asks about; 0: none. */
  readonly asked: number;
}

/** A timer's week by station, how it is held, and how one station is run. */
export function TimerWeek({ timerId, ...shown }: TimerWeekProps) {
  const { queries, timer, target, plan } = usePlanInTimer(timerId);
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => <Shown timer={timer!} plan={plan!} target={target!} {...shown} />}
    </Loaded>
  );
}

interface ShownProps extends Omit<TimerWeekProps, 'timerId'> {
  readonly timer: Timer;
  readonly plan: Plan;
  /** What is wanted: with its holds. */
  readonly target: Plan;
}

const WEEK = 7;

/** Null: it is too much to work out. */
function wateringsOf(plan: Plan, from: DayNumber): StationWatering[] | null {
  try {
    return stationWaterings(plan, from, WEEK);
  } catch (error) {
    if (isTooMuch(error)) return null;
    throw error;
  }
}

function Shown({ timer, plan, target, from, now, asked }: ShownProps) {
  const waterings = useMemo(() => wateringsOf(plan, from), [plan, from]);
  const station = plan.stations.find(({ number }) => number === asked);
  return (
    <section className={pageStyles['sheet']} aria-label={timer.name}>
      <h2>
        <Link to={`/timers/${timer.id}`}>{timer.name}</Link>
      </h2>
      {waterings === null ? (
        <Alert type="warning" showIcon title={TOO_MUCH_WORDS} />
      ) : (
        <>
          {station && <StationAnswer {...{ plan, station, now }} />}
          <ClockWords plan={plan} />
          <WeekTable name={timer.name} {...{ plan, from, waterings, asked }} />
        </>
      )}
      <dl className={pageStyles['facts']}>
        <dt>In the timer</dt>
        <dd>
          <InTimerWords timerId={timer.id} />
        </dd>
        <HoldRow timerId={timer.id} />
      </dl>
      <div className={styles['hows']}>
        <HoldTold {...{ timer, plan, now }} holds={target.controller.pauses} />
      </div>
    </section>
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
