import { dayOf, type TimerSeconds } from '@water-clock/core/civil-time';
import type { StationSettings } from '@water-clock/core/settings';
import type { DryReason, StationWatering } from '@water-clock/core/sheets';
import { nearMoment } from '@water-clock/core/words';
import { useSay } from '../../session/use-signed-in';
import { amountWords, spanWords, toTheMinute } from './watering-words';
import styles from './week.module.css';

interface StationAnswerProps {
  readonly station: StationSettings;
  readonly now: TimerSeconds;
  /** Its next waterings, the first of which may go on. */
  readonly next: readonly StationWatering[];
  readonly dry: DryReason | null;
}

const DRY: Record<DryReason, string> = {
  'timer-off': 'The timer is switched off.',
  'station-off': 'The station is switched off.',
  'in-no-program': 'No program has it.',
  'not-in-time': 'A program has it, but has no start or no day then, or it is on hold.',
};

/** When one station waters next: what somebody on the telephone asked. */
export function StationAnswer({ station, now, next: [next, ...then], dry }: StationAnswerProps) {
  const say = useSay();
  const moment = ({ from }: StationWatering) => say(nearMoment(toTheMinute(from), dayOf(now)));
  return (
    <div className={styles['answer']} role="status">
      <h3>
        {station.number} {station.name}
      </h3>
      {next && (
        <p>
          {next.from <= now ? 'Waters now: ' : 'Waters next '}
          <strong>
            {moment(next)} to {say(spanWords(next).to)}
          </strong>
          , {amountWords(next)}.
        </p>
      )}
      {then.length > 0 && <p>Then {then.map(moment).join(', then ')}.</p>}
      {dry && <p>Does not water in the next two weeks. {DRY[dry]}</p>}
    </div>
  );
}
