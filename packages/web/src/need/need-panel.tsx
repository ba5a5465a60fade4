import { clsx } from 'clsx';
import { Link } from 'react-router';
import { useSignedIn } from '../session/use-signed-in';
import { minuteWhy, oftenWhy, piecesWhy, rateWhy, weekWhy } from '../yard/need-words';
import { ColumnChoices } from '../yard/column-choices';
import { YardCell } from '../yard/yard-cell';
import { todayHere } from '../format/today';
import { yardColumns } from '../yard/yard-columns';
import type { YardEdit } from '@water-clock/core/yards';
import type { YardNeeds } from '@water-clock/core/needs';
import { useTelling, type TellingOfYard } from './use-telling';
import pageStyles from '../ui/page.module.css';
import styles from './need-page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';

interface NeedPanelProps {
  readonly timerId: string;
  readonly row: YardNeeds['rows'][number];
  readonly telling: TellingOfYard;
  readonly edit: (edit: YardEdit, key?: string) => void;
  readonly settle: () => void;
  readonly isLocked: boolean;
}

const ASSUMPTIONS = [
  'head',
  'plant',
  'sun',
  'soil',
  'slopePercent',
  'areaSquareMetres',
  'flowLpm',
  'runoffSeconds',
  'minSoakSeconds',
] as const;

/** The chosen station: what is assumed of it, to be changed, and how its numbers are made. */
export function NeedPanel(props: NeedPanelProps) {
  const { timerId, row, edit, settle, isLocked } = props;
  const { firm } = useSignedIn();
  const { station, need } = row;
  const telling = useTelling(props.telling)(station, need);
  const assumed: readonly string[] = ASSUMPTIONS;
  const columns = yardColumns(firm.units, todayHere()).filter(({ key }) => assumed.includes(key));
  const why = [
    ['Rate', rateWhy(telling)],
    ['By measurement', weekWhy(telling)],
    ['How seldom', oftenWhy(telling)],
    ['At once', piecesWhy(telling, 'measurement')],
    ['By the minute', minuteWhy(telling)],
    ['At once, by custom', piecesWhy(telling, 'minute')],
  ].filter(([, words]) => words !== '');
  return (
    <section
      className={clsx(pageStyles['sheet'], styles['need-panel'])}
      aria-labelledby="need-panel"
    >
      <h2 id="need-panel">
        {station.number} · {station.name ?? `Station ${station.number}`}
      </h2>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['need-facts'])}
        aria-label="What is known of it"
      >
        <tbody>
          {columns.map((column, index) => (
            <tr key={column.key}>
              <th scope="row" className={gridTableStyles['row-name']}>
                {column.title} {column.unit && <small>{column.unit}</small>}
              </th>
              <td>
                <YardCell {...{ station, column, edit, settle, isLocked }} row={index} index={0} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ColumnChoices columns={columns} />
      {!isLocked && (
        <p className={pageStyles['way']}>
          <Link to={`/timers/${timerId}/measure?station=${station.number}`}>
            Measure: catch test, run-off, meter
          </Link>
        </p>
      )}
      <dl className={styles['need-why']}>
        {why.map(([name, words]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
