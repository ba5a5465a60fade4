import { clsx } from 'clsx';
import type { LengthsInForce } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { hoursText, minutesText } from '../../format/lengths';
import { useSay } from '../../session/use-signed-in';
import gridTableStyles from '../../ui/grid-table.module.css';
import styles from './in-force.module.css';

interface TableProps {
  readonly plan: Plan;
  readonly programs: readonly LengthsInForce[];
}

/** What the display shows of every run time, and when each start is over. */
export function InForceTable({ plan, programs }: TableProps) {
  const say = useSay();
  const starts = Math.max(0, ...programs.map((program) => program.starts.length));
  const isLonger = programs.some(
    ({ longestSeconds, lengthSeconds }) => longestSeconds > lengthSeconds,
  );
  const stations = plan.stations.filter(({ number }) =>
    programs.some((program) => program.stations.some((one) => one.number === number)),
  );
  const head = (words: string) => (
    <th scope="row" className={gridTableStyles['row-name']}>
      {words}
    </th>
  );
  return (
    <table
      className={clsx(gridTableStyles['settings-grid'], styles['in-force-table'])}
      aria-label="Run times in force"
    >
      <thead>
        <tr>
          {head('Minutes, as the display shows them')}
          {programs.map(({ program, percent }) => (
            <th key={program} scope="col" className={gridTableStyles['column-name']}>
              {program} at {percent} %
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {stations.map(({ number, name }) => (
          <tr key={number}>
            {head(`${number} ${name ?? ''}`)}
            {programs.map(({ program, stations: own }) => (
              <td key={program} className="figures">
                {minutesOf(own.find((one) => one.number === number)?.seconds)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          {head('One run takes, waits included')}
          {programs.map(({ program, lengthSeconds }) => (
            <td key={program} className="figures">
              {hoursText(lengthSeconds)}
            </td>
          ))}
        </tr>
        {isLonger && (
          <tr>
            {head('at the highest percentage')}
            {programs.map(({ program, longestSeconds, mostPercent }) => (
              <td key={program} className="figures">
                {hoursText(longestSeconds)} <small>{mostPercent} %</small>
              </td>
            ))}
          </tr>
        )}
        {Array.from({ length: starts }, (_, index) => (
          <tr key={index}>
            {head(`Start ${index + 1} ends`)}
            {programs.map(({ program, starts: own }) => {
              const start = own[index];
              const [ends, latest] = start
                ? [start.endSecond, start.latestEndSecond].map(timeOf)
                : [];
              return (
                <td key={program} className="figures">
                  {ends === undefined ? '' : say(ends)}
                  {latest !== undefined && latest !== ends && <small> at most {say(latest)}</small>}
                </td>
              );
            })}
          </tr>
        ))}
      </tfoot>
    </table>
  );
}

const minutesOf = (seconds: number | undefined): string =>
  seconds === undefined ? '' : seconds === 0 ? 'off' : minutesText(seconds);

const two = (value: number) => String(value).padStart(2, '0');

/** The minute in which a run is over, as a time of day. */
function timeOf(second: number): string {
  const minutes = Math.ceil(second / 60) % 1440;
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}
