import { parseTimeOfDay } from '@water-clock/core/civil-time';
import { memo } from 'react';
import type { ProgramSettings } from '@water-clock/core/settings';
import type { TimerCapability } from '@water-clock/core/timer-types';
import { setProgram, setStart, type PlanEdit } from '@water-clock/core/settings';
import { useSay } from '../../session/use-signed-in';
import { parseClock } from '../../format/lengths';
import { CellInput } from '../../ui/cell-input';
import { FIELDS } from '../state/fields';

interface ProgramCellProps {
  readonly program: ProgramSettings;
  readonly timer: TimerCapability;
  readonly row: number;
  readonly column: number;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
  readonly onSettle: () => void;
}

/** One start time of a program. */
export const StartCell = memo(function StartCell(
  props: ProgramCellProps & { readonly index: number },
) {
  const { timer, program, index, onEdit, row, column, onSettle } = props;
  const { id, starts } = program;
  const say = useSay();
  const start = starts[index] ?? '';
  const step = timer.startStepMinutes;
  const isNext = index === starts.length;
  // It begins by the anchor of its interval, whatever stands here.
  const countsHours = program.days.mode === 'hours';
  const warning = countsHours
    ? undefined
    : index >= timer.startsPerProgram
      ? `This timer takes ${timer.startsPerProgram} starts a program.`
      : start !== '' && (parseTimeOfDay(start) ?? 0) % step !== 0
        ? `This timer sets starts in steps of ${step} minutes.`
        : undefined;
  const onType = (text: string, key: string) => {
    const read = parseClock(text);
    if (read === undefined) return 'A time of day, such as 3:30 or 330p';
    if (read === null && index >= starts.length) return null;
    onEdit(setStart(id, index, read), key);
    return null;
  };
  return (
    <td>
      <CellInput
        {...{ row, column, onSettle }}
        keys="time"
        label={`Program ${id}, start ${index + 1}`}
        field={FIELDS.start(id, index + 1)}
        text={countsHours ? '' : say(start)}
        placeholder={countsHours ? 'by hours' : isNext ? 'off' : '·'}
        disabled={countsHours || index > starts.length}
        warning={warning}
        onType={onType}
      />
    </td>
  );
});

/** A program's own season percentage. */
export const PercentCell = memo(function PercentCell(props: Omit<ProgramCellProps, 'timer'>) {
  const { program, onEdit, row, column, onSettle } = props;
  const { id, percent } = program;
  const onType = (text: string, key: string) => {
    const read = /^\s*(\d{1,4})\s*%?\s*$/.exec(text);
    const value = read ? Number(read[1]) : -1;
    if (value < 0 || value > 1000) return 'A percentage, 0 to 1000';
    onEdit(setProgram(id, { percent: value }), key);
    return null;
  };
  return (
    <td>
      <CellInput
        {...{ row, column, onSettle }}
        label={`Program ${id}, percentage`}
        field={FIELDS.percent(id)}
        text={String(percent)}
        onType={onType}
      />
    </td>
  );
});
