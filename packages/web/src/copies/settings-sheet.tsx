import type { Plan } from '@water-clock/core/settings';
import { daysLong, lengthInWords, MONTHS_SHORT } from '@water-clock/core/words';
import { useSay } from '../session/use-signed-in';
import styles from './settings-sheet.module.css';

/** Settings to be read, or read out, and printed: programs across, stations down. */
export function SettingsSheet({ plan }: { plan: Plan }) {
  const say = useSay();
  const { controller, stations } = plan;
  const programs = plan.programs.filter(
    ({ starts, runs }) => starts.length > 0 || runs.some(({ seconds }) => seconds > 0),
  );
  return (
    <div className={styles['settings-sheet']}>
      <table>
        <thead>
          <tr>
            <th scope="col">Program</th>
            {programs.map(({ id, enabled }) => (
              <th key={id} scope="col">
                {id}
                {!enabled && ' (off)'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Water days</th>
            {programs.map(({ id, days, blockedWeekdays }) => (
              <td key={id}>{daysLong(days, blockedWeekdays)}</td>
            ))}
          </tr>
          <tr>
            <th scope="row">Starts</th>
            {programs.map(({ id, starts }) => (
              <td key={id}>{say(starts.join(', ')) || 'none'}</td>
            ))}
          </tr>
          {controller.season.mode === 'program' && (
            <tr>
              <th scope="row">Percentage</th>
              {programs.map(({ id, percent }) => (
                <td key={id}>{percent} %</td>
              ))}
            </tr>
          )}
          {stations.map(({ number, name, enabled, cycleSeconds, soakSeconds }) => (
            <tr key={number}>
              <th scope="row">
                {number} {name}
                {!enabled && ' (off)'}
                {cycleSeconds !== undefined && (
                  <small>
                    {' '}
                    cycle {lengthInWords(cycleSeconds)}, soak {lengthInWords(soakSeconds ?? 0)}
                  </small>
                )}
              </th>
              {programs.map(({ id, runs }) => {
                const seconds = runs.find(({ station }) => station === number)?.seconds ?? 0;
                return <td key={id}>{seconds > 0 ? lengthInWords(seconds) : '–'}</td>;
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {seasonWords(controller.season)} Wait between stations:{' '}
        {lengthInWords(controller.stationDelaySeconds)}. Rain sensor{' '}
        {controller.rainSensor === 'active' ? 'active' : 'bypassed'}. The timer{' '}
        {controller.off ? 'is switched off' : 'runs'}.
      </p>
    </div>
  );
}

function seasonWords(season: Plan['controller']['season']): string {
  if (season.mode === 'program') return 'Season percentage by program.';
  if (season.mode === 'whole') return `Season percentage ${season.percent} %.`;
  const months = season.percents.map((percent, month) => `${MONTHS_SHORT[month]} ${percent} %`);
  return `Season percentage: ${months.join(', ')}.`;
}
