import { addSeconds } from '@water-clock/core/civil-time';
import { clockTime, dateAndTime, lengthInWords } from '@water-clock/core/words';
import type { OverlapBehaviour } from '@water-clock/core/timer-types';
import type { BoardCollision, BoardRun } from '../../computing/board-model';
import { whatHappens, whatTheTimerDoes } from './collision-words';
import { useSay } from '../../session/use-signed-in';
import styles from './run-details.module.css';

interface RunDetailsProps {
  readonly run: BoardRun;
  /** Those in which the run takes part. */
  readonly collisions: readonly BoardCollision[];
  readonly overlap: OverlapBehaviour;
  readonly stationNames: ReadonlyMap<number, string>;
}

/** The numbers of one run: each piece from when to when, and what comes of its collisions. */
export function RunDetails({ run, collisions, overlap, stationNames }: RunDetailsProps) {
  const say = useSay();
  const at = (second: number) => say(clockTime(addSeconds(run.nominal, second - run.asked.from)));
  return (
    <section className={styles['run-details']} aria-label="Selected run">
      <h3>
        Program {run.program}, start {run.startNumber} · {say(dateAndTime(run.nominal))} to{' '}
        {at(run.asked.to)} · {lengthInWords(run.asked.to - run.asked.from)}
      </h3>
      {collisions.map((collision) => (
        <p key={`${collision.a.key} ${collision.b.key}`}>
          {say(`${whatHappens(collision)} ${whatTheTimerDoes(collision, overlap)}`)}
        </p>
      ))}
      <ol>
        {run.pieces.map(({ station, piece, from, to }) => (
          <li key={`${station} ${piece} ${from}`} title={stationNames.get(station)}>
            <b>{station}</b>{' '}
            <span className="figures">
              {at(from)}–{at(to)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
