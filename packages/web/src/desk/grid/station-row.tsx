import { clsx } from 'clsx';
import { Dropdown, type MenuProps } from 'antd';
import { memo } from 'react';
import type { StationSettings } from '@water-clock/core/settings';
import { removeStation, setRunTime, setStation, type PlanEdit } from '@water-clock/core/settings';
import { LENGTH_HINT, minutesText, parseLength } from '../../format/lengths';
import { CellInput } from '../../ui/cell-input';
import { FIELDS } from '../state/fields';
import gridTableStyles from '../../ui/grid-table.module.css';
import { keysOf } from '@water-clock/core/kernel';

interface StationRowProps {
  /** The timer's programs, in order. */
  readonly labels: readonly string[];
  /** How long each of them waters the station; undefined where it does not. */
  readonly runTimes: readonly (number | undefined)[];
  readonly station: StationSettings;
  readonly row: number;
  readonly isSoaking: boolean;
  /** The station that it follows. */
  readonly leader: number | undefined;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
  readonly onSettle: () => void;
}

/** One station: its name, its cycle and soak, and its run time in each program. */
export const StationRow = memo(function StationRow(props: StationRowProps) {
  const { labels, runTimes, station, row, isSoaking, leader, onEdit, onSettle } = props;
  const { number, enabled } = station;
  const items: MenuProps['items'] = [
    { key: 'switch', label: enabled ? 'Switch this station off' : 'Switch this station on' },
    { key: 'remove', label: 'Remove this station', danger: true },
  ];
  const onClick: MenuProps['onClick'] = ({ key }) =>
    onEdit(key === 'remove' ? removeStation(number) : setStation(number, { enabled: !enabled }));
  const typeLength =
    (change: (seconds: number | null) => PlanEdit) => (text: string, key: string) => {
      const read = parseLength(text);
      if (read === undefined) return LENGTH_HINT;
      onEdit(change(read), key);
      return null;
    };
  const lengthCell = (
    label: string,
    field: string,
    seconds: number | undefined,
    column: number,
    change: (seconds: number | null) => PlanEdit,
    extra: { disabled?: boolean; warning?: string | undefined } = {},
  ) => (
    <CellInput
      {...{ row, column, field, onSettle, ...extra }}
      keys="length"
      {...(leader !== undefined && {
        disabled: true,
        warning: `Follows station ${leader}: set it there, or change that in the yard.`,
      })}
      label={`Station ${number}, ${label}`}
      text={seconds === undefined ? '' : minutesText(seconds)}
      placeholder="·"
      onType={typeLength(change)}
    />
  );
  return (
    <tr data-off={!enabled}>
      <th scope="row">
        <Dropdown menu={{ items, onClick }} trigger={['click']}>
          <button
            type="button"
            className={clsx(gridTableStyles['cell-button'], 'figures')}
            aria-label={`Station ${number}${enabled ? '' : ', off'}`}
          >
            {number}
          </button>
        </Dropdown>
      </th>
      <td>
        <CellInput
          {...{ row, column: 0, onSettle }}
          keys="words"
          label={`Station ${number}, name`}
          field={FIELDS.station(number)}
          text={station.name ?? ''}
          placeholder={enabled ? 'name' : 'off'}
          onType={(text, key) => {
            onEdit(setStation(number, { name: text === '' ? undefined : text.slice(0, 200) }), key);
            return null;
          }}
        />
      </td>
      <td>
        {lengthCell(
          'cycle',
          FIELDS.cycle(number),
          station.cycleSeconds,
          1,
          (seconds) => setStation(number, { cycleSeconds: seconds || undefined }),
          {
            disabled: !isSoaking && station.cycleSeconds === undefined,
            warning:
              isSoaking || station.cycleSeconds === undefined
                ? undefined
                : 'This timer has no cycle-and-soak.',
          },
        )}
      </td>
      <td>
        {lengthCell(
          'soak',
          FIELDS.soak(number),
          station.soakSeconds,
          2,
          (seconds) => setStation(number, { soakSeconds: seconds ?? undefined }),
          { disabled: !isSoaking && station.soakSeconds === undefined },
        )}
      </td>
      {labels.map((label, order) => (
        <td key={label}>
          {lengthCell(
            `program ${label}, minutes`,
            FIELDS.minutes(label, number),
            runTimes[order],
            order + 3,
            (seconds) => setRunTime(label, number, seconds),
          )}
        </td>
      ))}
    </tr>
  );
}, isSameRow);

function isSameRow({ runTimes, ...rest }: StationRowProps, next: StationRowProps): boolean {
  return (
    keysOf(rest).every((prop) => rest[prop] === next[prop]) &&
    runTimes.length === next.runTimes.length &&
    runTimes.every((seconds, order) => seconds === next.runTimes[order])
  );
}
