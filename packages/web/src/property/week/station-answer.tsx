import { dayOf, type TimerSeconds } from '@water-clock/core/civil-time';
import { stationWaterings } from '@water-clock/core/sheets';
import type { Plan, StationSettings } from '@water-clock/core/settings';
import { nearMoment } from '@water-clock/core/words';
import { useMemo } from 'react';
import { useSay } from '../../session/use-signed-in';
import { amountWords, spanWords, toTheMinute } from './watering-words';
import styles from './week.module.css';

interface StationAnswerProps {
  readonly plan: Plan;
  readonly station: StationSettings;
  readonly now: TimerSeconds;
}

const LOOKED_FOR_DAYS = 14;
const TOLD = 3;

/** When one station waters next: what somebody on the telephone asked. */
export function StationAnswer({ plan, station, now }: StationAnswerProps) {
  const say = useSay();
  const [next, ...then] = useMemo(
    () =>
      stationWaterings(plan, dayOf(now), LOOKED_FOR_DAYS)
        .filter(({ station: number, to }) => number === station.number && to > now)
        .slice(0, TOLD),
    [plan, station, now],
  );
  return (
    <div className={styles['answer']} role="status">
      <h3>
        {station.number} {station.name}
      </h3>
      {next ? (
        <>
          <p>
            {next.from <= now ? 'Waters now: ' : 'Waters next '}
            <strong>
              {say(`${nearMoment(toTheMinute(next.from), dayOf(now))} to ${spanWords(next).to}`)}
            </strong>
            , {amountWords(next)}.
          </p>
          {then.length > 0 && (
            <p>
              Then{' '}
              {then
                .map(({ from }) => say(nearMoment(toTheMinute(from), dayOf(now))))
                .join(', then ')}
              .
            </p>
          )}
        </>
      ) : (
        <p>
          Does not water in the next two weeks.{' '}
          {plan.controller.off
            ? 'The timer is switched off.'
            : !station.enabled
              ? 'The station is switched off.'
              : plan.programs.some(({ runs }) =>
                    runs.some((run) => run.station === station.number && run.seconds > 0),
                  )
                ? 'A program has it, but has no start or no day then, or it is on hold.'
                : 'No program has it.'}
        </p>
      )}
    </div>
  );
}
