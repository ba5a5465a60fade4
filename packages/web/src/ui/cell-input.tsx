import { clsx } from 'clsx';
import { useId, type KeyboardEvent } from 'react';
import styles from './grid-table.module.css';
import { wanting, type KeysWanted } from './keys-wanted';
import { useTypedText } from './use-typed-text';

export interface CellInputProps {
  readonly label: string;
  /** Its name among the desk's fields. */
  readonly field: string;
  /** The value as it stands in the plan. */
  readonly text: string;
  readonly row: number;
  readonly column: number;
  readonly placeholder?: string;
  /** What is typed into it; a number unless it is said. */
  readonly keys?: KeysWanted;
  readonly warning?: string | undefined;
  readonly disabled?: boolean;
  /** The id of a list of values that are offered. */
  readonly list?: string;
  /** Takes what was typed; gives a sentence where it cannot be read. `key` joins the typing of one visit. */
  readonly onType: (text: string, key: string) => string | null;
  readonly onSettle?: () => void;
}

/**
 * A cell that is typed in like a sheet's: what can be read takes effect at once, what cannot stays there and says
 * why, Escape brings the old value back, arrows and Enter go on to the next cell.
 */
export function CellInput(props: CellInputProps) {
  const {
    label,
    field,
    text,
    row,
    column,
    placeholder,
    keys = 'number',
    warning,
    disabled,
    list,
  } = props;
  const typed = useTypedText({
    shown: text,
    take: (entered, visit) => props.onType(entered, `${label} ${visit}`),
  });
  const { fault } = typed;
  const faultId = useId();
  const isText = keys === 'words';

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const input = event.currentTarget;
    if (event.key === 'Escape') {
      if (!typed.isTyped) return;
      typed.restore();
      event.stopPropagation();
      return;
    }
    const isAll = input.selectionStart === 0 && input.selectionEnd === input.value.length;
    const atStart = isAll || (input.selectionStart === 0 && input.selectionEnd === 0);
    const atEnd = isAll || input.selectionStart === input.value.length;
    const steps: Record<string, [number, number] | undefined> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      Enter: [event.shiftKey ? -1 : 1, 0],
      ArrowLeft: atStart ? [0, -1] : undefined,
      ArrowRight: atEnd ? [0, 1] : undefined,
    };
    const step = steps[event.key];
    if (!step || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    focusCell(input, row, column, step);
  };

  return (
    <>
      <input
        className={clsx(styles['cell-input'], isText ? styles['cell-text'] : 'figures')}
        {...wanting(keys)}
        aria-label={label}
        aria-invalid={fault !== null}
        data-unread={fault !== null}
        aria-describedby={fault ? faultId : undefined}
        title={fault ?? warning}
        data-warning={warning !== undefined}
        data-field={field}
        data-figures={isText ? undefined : true}
        data-row={row}
        data-column={column}
        value={typed.text}
        placeholder={placeholder}
        disabled={disabled}
        list={list}
        autoComplete="off"
        spellCheck={false}
        onFocus={(event) => {
          typed.enter();
          event.currentTarget.select();
        }}
        onChange={(event) => typed.type(event.currentTarget.value)}
        onKeyDown={onKeyDown}
        onBlur={() => {
          typed.leave();
          props.onSettle?.();
        }}
      />
      {fault && (
        <span id={faultId} role="alert" className={styles['cell-error']}>
          {fault}
        </span>
      )}
    </>
  );
}

/** Moves the focus to the next cell that is there in a direction. */
function focusCell(
  from: HTMLElement,
  row: number,
  column: number,
  [down, right]: [number, number],
) {
  const grid = from.closest('table');
  const cellAt = (r: number, c: number) =>
    grid?.querySelector<HTMLElement>(`[data-row="${r}"][data-column="${c}"]:not(:disabled)`);
  for (let steps = 1; steps <= 40; steps++) {
    const next = cellAt(row + down * steps, column + right * steps);
    if (next) {
      next.focus();
      return;
    }
  }
}
