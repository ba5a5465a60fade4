import { parseDate, parseDateTime } from '@water-clock/core/civil-time';
import { supplyOf } from '@water-clock/core/engine';
import { Alert } from 'antd';
import { useMemo } from 'react';
import type { TimerOfProperty } from '../api/properties';
import { useTimersTogether } from '../computing/use-timers-together';
import { todayHere } from '../format/today';
import { useWantedSettings } from '../timer-records/use-wanted-settings';
import { HomeBoard } from './home-board/home-board';
import styles from './property-page.module.css';
import { useSay } from '../session/use-signed-in';

const LOOKS = { error: 'error', warning: 'warning', info: 'info' } as const;
const TITLES = {
  error: 'The timers take more than the supply gives',
  warning: 'Timers water at once',
  info: 'All timers on one supply',
} as const;

/** Whether the timers of a home ever water at once, and whether its supply is enough then; none where there is one timer. */
export function TimersTogether({ timers }: { timers: readonly TimerOfProperty[] }) {
  const today = todayHere();
  const named = useWantedSettings(timers);
  const plans = useMemo(() => named?.map(({ plan }) => plan) ?? [], [named]);
  const { answer: found, hasFailed } = useTimersTogether(named, parseDate(today)!);
  const say = useSay();
  if (hasFailed)
    return (
      <Alert
        type="warning"
        showIcon
        title="Whether the timers water at once could not be worked out."
      />
    );
  // Its room is kept: what stands below does not move under somebody's hand when it comes.
  if (!named || !found) return <div className={styles['together-room']} />;
  return (
    <>
      <Alert
        role="status"
        type={LOOKS[found.severity]}
        showIcon
        title={TITLES[found.severity]}
        description={`${say(found.message)} In true time, by the settings that are wanted.`}
      />
      <HomeBoard
        names={named.map(({ name }) => name)}
        plans={plans}
        supplyLpm={supplyOf(plans)}
        today={parseDate(today)!}
        first={found.first === null ? null : parseDateTime(found.first)}
      />
    </>
  );
}
