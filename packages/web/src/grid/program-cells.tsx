import { parseTimeOfDay } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { programOf, setProgram, setStart, type PlanEdit } from '../settings/plan-edits';
import { parseClock } from '../words/lengths';
import { CellInput } from './cell-input';

interface ProgramCellProps {
  readonly plan: Plan;
  readonly program: string;
  readonly row: number;
  readonly column: number;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
  readonly onSettle: () => void;
}

/** One start time of a program. */
export function StartCell(props: ProgramCellProps & { readonly index: number }) {
  const { plan, program, index, onEdit } = props;
  const { starts } = programOf(plan, program);
  const start = starts[index] ?? '';
  const step = plan.timer.startStepMinutes;
  const isNext = index === starts.length;
  const warning =
    index >= plan.timer.startsPerProgram
      ? `This timer takes ${plan.timer.startsPerProgram} starts a program.`
      : start !== '' && (parseTimeOfDay(start) ?? 0) % step !== 0
        ? `This timer sets starts in steps of ${step} minutes.`
        : undefined;
  const onType = (text: string, key: string) => {
    const read = parseClock(text);
    if (read === undefined) return 'A time of day, such as 3:30 or 330p';
    if (read === null && index >= starts.length) return null;
    onEdit(setStart(program, index, read), key);
    return null;
  };
  return (
    <td>
      <CellInput
        {...props}
        label={`Program ${program}, start ${index + 1}`}
        text={start}
        placeholder={isNext ? 'off' : '·'}
        disabled={index > starts.length}
        warning={warning}
        onType={onType}
      />
    </td>
  );
}

/** A program's own season percentage. */
export function PercentCell(props: ProgramCellProps) {
  const { plan, program, onEdit } = props;
  const { percent } = programOf(plan, program);
  const onType = (text: string, key: string) => {
    const read = /^\s*(\d{1,4})\s*%?\s*$/.exec(text);
    const value = read ? Number(read[1]) : -1;
    if (value < 0 || value > 1000) return 'A percentage, 0 to 1000';
    onEdit(setProgram(program, { percent: value }), key);
    return null;
  };
  return (
    <td>
      <CellInput
        {...props}
        label={`Program ${program}, percentage`}
        text={String(percent)}
        onType={onType}
      />
    </td>
  );
}
