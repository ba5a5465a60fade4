import { addSeconds } from '@water-clock/core/civil-time';
import { clockTime, dateAndTime, lengthInWords } from '@water-clock/core/words';
import type { BoardRun } from './board-model';
import './run-details.css';

interface RunDetailsProps {
  readonly run: BoardRun;
  readonly stationNames: ReadonlyMap<number, string>;
}

/** The numbers of one run: each piece from when to when. */
export function RunDetails({ run, stationNames }: RunDetailsProps) {
  const at = (second: number) => clockTime(addSeconds(run.nominal, second - run.asked.from));
  return (
    <section className="run-details" aria-label="Selected run">
      <h3>
        Program {run.program}, start {run.startNumber} · {dateAndTime(run.nominal)} to{' '}
        {at(run.asked.to)} · {lengthInWords(run.asked.to - run.asked.from)}
      </h3>
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
