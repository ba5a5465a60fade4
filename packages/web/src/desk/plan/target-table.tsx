import { clsx } from 'clsx';
import { PushpinFilled, PushpinOutlined, UndoOutlined } from '@ant-design/icons';
import { isTarget, type Cut, type NoTarget, type StationTarget } from '@water-clock/core/proposals';
import type { StationSettings } from '@water-clock/core/settings';
import { counted } from '@water-clock/core/words';
import { Button, Tooltip } from 'antd';
import { Link } from 'react-router';
import { CellInput } from '../../ui/cell-input';
import { LENGTH_HINT, minutesText, parseLength } from '../../format/lengths';
import type { Targets } from './use-targets';
import { OFTEN_HINT, oftenText, weeklyShown, withOften, withWeekly } from './target-cells';
import styles from './plan-work.module.css';
import gridTableStyles from '../../ui/grid-table.module.css';

interface TargetTableProps {
  readonly stations: readonly StationSettings[];
  /** How many starts a program of the timer has. */
  readonly startsPerProgram: number;
  readonly targets: Pick<
    Targets,
    'rows' | 'changed' | 'change' | 'pinned' | 'pin' | 'kept' | 'byDay'
  >;
  /** Where it is said what the stations water. */
  readonly yardPlace: string;
  /** Stations that follow others are given what their leaders are. */
  readonly leaders: ReadonlyMap<number, number>;
}

const FROM_WORDS: Record<StationTarget['from'], string> = {
  measurement: 'measured',
  minute: 'by minute',
  'as-set': 'as set now',
};
const NO_TARGET_WORDS: Record<NoTarget['why'], string> = {
  'needs-nothing': 'needs nothing in this month: it is left out',
  'not-known': 'nobody knows its need: it is left out',
};

/** Why a station is watered less often than it needs. */
function cutWords(cut: Cut, startsPerProgram: number): string {
  if (cut.by === 'rules')
    return `It needs ${counted(Math.round(cut.perWeek), 'watering')} a week; the rules allow fewer.`;
  const wants = `It needs ${counted(cut.perDay, 'watering')} a day`;
  return cut.by === 'night'
    ? `${wants}; by night it gets one.`
    : `${wants}; a program of this timer has ${counted(startsPerProgram, 'start')}.`;
}

/** What each station is to be given, to be typed over, and which stations stay as they are. */
export function TargetTable({
  stations,
  startsPerProgram,
  targets,
  leaders,
  yardPlace,
}: TargetTableProps) {
  const { rows, pinned, pin, kept } = targets;
  const names = new Map(stations.map(({ number, name }) => [number, name]));
  return (
    <div className={styles['target-scroll']}>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['target-table'])}
        aria-label="What each station is to be given"
      >
        <thead>
          <tr>
            <th className={gridTableStyles['column-name']} scope="col" aria-label="Keep as it is" />
            <th className={gridTableStyles['row-name']} scope="col">
              station
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              min a week
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              days a week
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              at once
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              soak
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              need
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => {
            const { number } = row;
            const name = names.get(number) ?? `Station ${number}`;
            const isPinned = pinned.stations.includes(number);
            const isKept = kept.has(number);
            return (
              <tr key={number} data-station={number} data-kept={isKept}>
                <td>
                  <PinButton
                    label={`Keep station ${number} as it is`}
                    isPinned={isPinned}
                    isKept={isKept}
                    onPin={() =>
                      pin({
                        ...pinned,
                        stations: isPinned
                          ? pinned.stations.filter((one) => one !== number)
                          : [...pinned.stations, number],
                      })
                    }
                  />
                </td>
                <th scope="row" className={styles['target-name']} title={name}>
                  <span className="figures">{number}</span> {name}
                </th>
                {isKept ? (
                  <td colSpan={5} className={styles['target-words']}>
                    stays as it is
                  </td>
                ) : leaders.has(number) ? (
                  <td colSpan={5} className={styles['target-words']}>
                    like station {leaders.get(number)}
                  </td>
                ) : isTarget(row) ? (
                  <TargetCells {...{ row, index, targets, startsPerProgram }} />
                ) : (
                  <td colSpan={5} className={styles['target-words']}>
                    {NO_TARGET_WORDS[row.why]}
                    {row.why === 'not-known' && (
                      <>
                        . <Link to={yardPlace}>Say what it waters</Link>
                      </>
                    )}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

interface PinButtonProps {
  readonly label: string;
  readonly isPinned: boolean;
  /** It stays, be it pinned itself or with its program. */
  readonly isKept: boolean;
  readonly onPin: () => void;
}

export function PinButton({ label, isPinned, isKept, onPin }: PinButtonProps) {
  return (
    <Button
      type="text"
      size="small"
      className={clsx(styles['pin-button'])}
      aria-label={label}
      aria-pressed={isPinned}
      disabled={isKept && !isPinned}
      icon={isKept ? <PushpinFilled /> : <PushpinOutlined />}
      onClick={onPin}
    />
  );
}

interface TargetCellsProps extends Pick<TargetTableProps, 'startsPerProgram'> {
  readonly row: StationTarget;
  readonly index: number;
  readonly targets: TargetTableProps['targets'];
}

function TargetCells({ row, index, targets, startsPerProgram }: TargetCellsProps) {
  const { change, changed, byDay } = targets;
  const { number, need, maxPieceSeconds, minSoakSeconds, from, cut } = row;
  const cell = (column: number, what: string) => ({
    label: `Station ${number}, ${what}`,
    field: `target ${number} ${what}`,
    row: index,
    column,
  });
  const typeLength =
    (take: (seconds: number | null) => boolean) =>
    (text: string): string | null => {
      const seconds = parseLength(text);
      return seconds === undefined || !take(seconds) ? LENGTH_HINT : null;
    };
  return (
    <>
      <td>
        <CellInput
          {...cell(0, 'minutes a week')}
          keys="length"
          text={minutesText(weeklyShown(need))}
          onType={typeLength((seconds) => {
            if (!seconds) return false;
            change(number, { need: withWeekly(need, seconds) });
            return true;
          })}
        />
      </td>
      <td>
        <CellInput
          {...cell(1, 'days a week')}
          keys="words"
          text={oftenText(need)}
          warning={cut ? cutWords(cut, startsPerProgram) : undefined}
          onType={(text) => {
            const typed = withOften(need, text, byDay);
            if (!typed) return OFTEN_HINT;
            change(number, { need: typed });
            return null;
          }}
        />
      </td>
      <td>
        <CellInput
          {...cell(2, 'longest at once, minutes')}
          keys="length"
          text={maxPieceSeconds === null ? '' : minutesText(maxPieceSeconds)}
          placeholder="any"
          onType={typeLength((seconds) => {
            if (seconds === 0) return false;
            change(number, { maxPieceSeconds: seconds });
            return true;
          })}
        />
      </td>
      <td>
        <CellInput
          {...cell(3, 'soak, minutes')}
          keys="length"
          text={minSoakSeconds === null ? '' : minutesText(minSoakSeconds)}
          placeholder="–"
          onType={typeLength((seconds) => {
            change(number, { minSoakSeconds: seconds });
            return true;
          })}
        />
      </td>
      <td className={styles['target-from']}>
        {changed.has(number) ? (
          <Tooltip title="As the need has it">
            <Button
              type="text"
              size="small"
              icon={<UndoOutlined />}
              aria-label={`Station ${number}: as the need has it again`}
              onClick={() => change(number, null)}
            >
              typed
            </Button>
          </Tooltip>
        ) : (
          <>
            {FROM_WORDS[from]}
            {cut && (
              <Tooltip title={cutWords(cut, startsPerProgram)}>
                <span className={styles['target-cut']} role="note" tabIndex={0}>
                  {' '}
                  {cut.by}: fewer
                </span>
              </Tooltip>
            )}
          </>
        )}
      </td>
    </>
  );
}
