import type { Plan } from '@water-clock/core/settings';
import { printedCopy } from '@water-clock/core/sheets';
import { useSay } from '../session/use-signed-in';
import styles from './settings-sheet.module.css';

/** Settings to be read, or read out, and printed: programs across, stations down, and everything else below. */
export function SettingsSheet({ plan }: { plan: Plan }) {
  const say = useSay();
  const { programs, rows, lines } = printedCopy(plan);
  return (
    <div className={styles['settings-sheet']}>
      <table>
        <thead>
          <tr>
            <th scope="col">Program</th>
            {programs.map((program) => (
              <th key={program} scope="col">
                {program}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, note, cells }) => (
            <tr key={name}>
              <th scope="row">
                {name}
                {note && <small> {note}</small>}
              </th>
              {cells.map((cell, column) => (
                <td key={programs[column]}>{say(cell)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p>{say(lines[0]!)}</p>
      {lines.length > 1 && (
        <ul>
          {lines.slice(1).map((line, index) => (
            <li key={index}>{say(line)}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
