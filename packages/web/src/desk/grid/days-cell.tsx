import { clsx } from 'clsx';
import { Checkbox } from 'antd';
import { memo } from 'react';
import type { DayRule, ProgramSettings } from '@water-clock/core/settings';
import type { DayMode } from '@water-clock/core/timer-types';
import { setDays, setProgram, type PlanEdit } from '@water-clock/core/settings';
import { WEEKDAYS, daysLong, daysShort } from '@water-clock/core/words';
import { WEEKDAY_OPTIONS } from '../../format/weekday-options';
import { EditorPopover } from '../../ui/editor-popover';
import { later } from '../../ui/later';
import { FIELDS } from '../state/fields';
import gridTableStyles from '../../ui/grid-table.module.css';

const DayRuleEditor = later(() => import('./day-rule-editor'), 'DayRuleEditor');

interface DaysCellProps {
  readonly program: string;
  readonly days: DayRule;
  readonly blockedWeekdays: ProgramSettings['blockedWeekdays'];
  /** The kinds of days that the timer has. */
  readonly dayModes: readonly DayMode[];
  readonly onEdit: (edit: PlanEdit) => void;
}

/** On which days a program waters; opens to be changed. */
export const DaysCell = memo(function DaysCell(props: DaysCellProps) {
  const { program, days, blockedWeekdays, dayModes, onEdit } = props;
  const words = daysLong(days, blockedWeekdays);
  const isEmpty = days.mode === 'weekdays' && days.weekdays.length === 0;
  return (
    <td>
      <EditorPopover
        placement="bottom"
        title={`Water days of program ${program}`}
        content={() => (
          <DayRuleEditor
            {...{ days, dayModes }}
            onChange={(rule) => onEdit(setDays(program, rule))}
          />
        )}
      >
        <button
          type="button"
          className={clsx(gridTableStyles['cell-button'], gridTableStyles['cell-days'])}
          data-field={FIELDS.days(program)}
          data-empty={isEmpty}
          title={words}
          aria-label={`Program ${program} water days, ${daysShort(days)}: ${words}`}
        >
          {daysShort(days)}
        </button>
      </EditorPopover>
    </td>
  );
});

type BlockedDaysCellProps = Pick<DaysCellProps, 'program' | 'blockedWeekdays' | 'onEdit'>;

/** Weekdays on which a program never waters, whatever its water days say. */
export const BlockedDaysCell = memo(function BlockedDaysCell(props: BlockedDaysCellProps) {
  const { program, blockedWeekdays, onEdit } = props;
  const words = blockedWeekdays.map((weekday) => WEEKDAYS[weekday - 1]?.slice(0, 2)).join(' ');
  return (
    <td>
      <EditorPopover
        placement="bottom"
        title={`Program ${program} never waters on`}
        content={() => (
          <Checkbox.Group
            aria-label="Blocked weekdays"
            style={{ maxWidth: 380 }}
            options={WEEKDAY_OPTIONS}
            value={blockedWeekdays}
            onChange={(blocked) =>
              onEdit(setProgram(program, { blockedWeekdays: blocked.sort((a, b) => a - b) }))
            }
          />
        )}
      >
        <button
          type="button"
          className={clsx(gridTableStyles['cell-button'], gridTableStyles['cell-days'])}
          data-empty={words === ''}
          aria-label={`Program ${program} never waters on: ${words || 'no day is blocked'}`}
        >
          {words || '·'}
        </button>
      </EditorPopover>
    </td>
  );
});
