import { Checkbox, InputNumber, Popover, Radio, Space } from 'antd';
import { parseDate } from '@water-clock/core/civil-time';
import { memo } from 'react';
import type { DayRule, ProgramSettings } from '@water-clock/core/settings';
import type { DayMode } from '@water-clock/core/timer-kinds';
import { setDays, setProgram, type PlanEdit } from '../settings/plan-edits';
import { WEEKDAYS, daysLong, daysShort } from '@water-clock/core/words';
import { todayHere } from '../words/today';
import { FIELDS } from './fields';

interface DaysCellProps {
  readonly program: string;
  readonly days: DayRule;
  readonly blockedWeekdays: ProgramSettings['blockedWeekdays'];
  /** The kinds of days that the timer has. */
  readonly dayModes: readonly DayMode[];
  readonly onEdit: (edit: PlanEdit) => void;
}

const MODE_NAMES: Record<DayMode, string> = {
  weekdays: 'Weekdays',
  odd: 'Odd days',
  even: 'Even days',
  interval: 'Every so many days',
};

const WEEKDAY_OPTIONS = WEEKDAYS.map((label, index) => ({ label, value: index + 1 }));

/** On which days a program waters; opens to be changed. */
export const DaysCell = memo(function DaysCell(props: DaysCellProps) {
  const { program, days, blockedWeekdays } = props;
  const words = daysLong(days, blockedWeekdays);
  const isEmpty = days.mode === 'weekdays' && days.weekdays.length === 0;
  return (
    <td>
      <Popover
        trigger="click"
        placement="bottom"
        title={`Water days of program ${program}`}
        content={<DaysEditor {...props} />}
      >
        <button
          type="button"
          className="cell-button cell-days"
          data-field={FIELDS.days(program)}
          data-empty={isEmpty}
          title={words}
          aria-label={`Program ${program} water days, ${daysShort(days)}: ${words}`}
        >
          {daysShort(days)}
        </button>
      </Popover>
    </td>
  );
});

function DaysEditor({ program, days, dayModes, onEdit }: DaysCellProps) {
  const modes = (Object.keys(MODE_NAMES) as DayMode[]).filter(
    (mode) => dayModes.includes(mode) || mode === days.mode,
  );
  const change = (rule: DayRule) => onEdit(setDays(program, rule));
  return (
    <Space orientation="vertical" size={12} style={{ maxWidth: 380 }}>
      <Radio.Group
        aria-label="Kind of water days"
        value={days.mode}
        options={modes.map((mode) => ({ label: MODE_NAMES[mode], value: mode }))}
        onChange={(event) => change(freshRule(event.target.value as DayMode))}
      />
      {days.mode === 'weekdays' && (
        <Checkbox.Group
          aria-label="Weekdays"
          options={WEEKDAY_OPTIONS}
          value={days.weekdays}
          onChange={(weekdays) =>
            change({ mode: 'weekdays', weekdays: weekdays.sort((a, b) => a - b) })
          }
        />
      )}
      {days.mode === 'interval' && (
        <Space wrap>
          <label>
            Every{' '}
            <InputNumber
              aria-label="Days of the interval"
              min={1}
              max={31}
              precision={0}
              value={days.everyDays}
              onChange={(everyDays) => everyDays && change({ ...days, everyDays })}
              style={{ width: 70 }}
            />{' '}
            days, counted from
          </label>
          <input
            type="date"
            className="date-input"
            aria-label="A day it waters"
            value={days.anchor}
            onChange={(event) => {
              if (parseDate(event.target.value) !== null)
                change({ ...days, anchor: event.target.value });
            }}
          />
        </Space>
      )}
    </Space>
  );
}

function freshRule(mode: DayMode): DayRule {
  if (mode === 'weekdays') return { mode, weekdays: [] };
  if (mode === 'interval') return { mode, everyDays: 3, anchor: todayHere() };
  return { mode };
}

type BlockedDaysCellProps = Pick<DaysCellProps, 'program' | 'blockedWeekdays' | 'onEdit'>;

/** Weekdays on which a program never waters, whatever its water days say. */
export const BlockedDaysCell = memo(function BlockedDaysCell(props: BlockedDaysCellProps) {
  const { program, blockedWeekdays, onEdit } = props;
  const words = blockedWeekdays.map((weekday) => WEEKDAYS[weekday - 1]?.slice(0, 2)).join(' ');
  return (
    <td>
      <Popover
        trigger="click"
        placement="bottom"
        title={`Program ${program} never waters on`}
        content={
          <Checkbox.Group
            aria-label="Blocked weekdays"
            style={{ maxWidth: 380 }}
            options={WEEKDAY_OPTIONS}
            value={blockedWeekdays}
            onChange={(blocked) =>
              onEdit(setProgram(program, { blockedWeekdays: blocked.sort((a, b) => a - b) }))
            }
          />
        }
      >
        <button
          type="button"
          className="cell-button cell-days"
          data-empty={words === ''}
          aria-label={`Program ${program} never waters on: ${words || 'no day is blocked'}`}
        >
          {words || '·'}
        </button>
      </Popover>
    </td>
  );
});
