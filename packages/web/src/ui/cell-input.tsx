import { useId, useRef, useState, type KeyboardEvent } from 'react';

export interface CellInputProps {
  readonly label: string;
  /** Its name among the desk's fields. */
  readonly field: string;
  /** The value as it stands in the plan. */
  readonly text: string;
  readonly row: number;
  readonly column: number;
  readonly placeholder?: string;
  readonly isText?: boolean;
  readonly warning?: string | undefined;
  readonly disabled?: boolean;
  /** The id of a list of values that are offered. */
  readonly list?: string;
  /** Takes what was typed; gives a sentence where it cannot be read. `key` joins the typing of one visit. */
  readonly onType: (text: string, key: string) => string | null;
  readonly onSettle?: () => void;
}

/**
 * A cell that is typed in like a sheet's: what can be read takes effect at once, Escape brings the
 * old value back, arrows and Enter go on to the next cell.
 */
export function CellInput(props: CellInputProps) {
  const {
    label,
    field,
    text,
    row,
    column,
    placeholder,
    isText = false,
    warning,
    disabled,
    list,
  } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const visit = useRef(0);
  const before = useRef(text);
  const errorId = useId();

  const leave = () => {
    setDraft(null);
    setError(null);
    props.onSettle?.();
  };
  const type = (typed: string) => {
    const key = `${label} ${visit.current}`;
    const trouble = props.onType(typed, key);
    // On the way to nonsense the cell may have been empty for a moment: nonsense changes nothing.
    if (trouble !== null) props.onType(before.current, key);
    setDraft(typed);
    setError(trouble);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const input = event.currentTarget;
    if (event.key === 'Escape') {
      if (draft === null) return;
      props.onType(before.current, `${label} ${visit.current}`);
      setDraft(null);
      setError(null);
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
        className={isText ? 'cell-input cell-text' : 'cell-input figures'}
        aria-label={label}
        aria-invalid={error !== null}
        aria-describedby={error ? errorId : undefined}
        title={error ?? warning}
        data-warning={warning !== undefined}
        data-field={field}
        data-row={row}
        data-column={column}
        value={draft ?? text}
        placeholder={placeholder}
        disabled={disabled}
        list={list}
        autoComplete="off"
        spellCheck={false}
        onFocus={(event) => {
          visit.current += 1;
          before.current = text;
          event.currentTarget.select();
        }}
        onChange={(event) => type(event.currentTarget.value)}
        onKeyDown={onKeyDown}
        onBlur={leave}
      />
      {error && (
        <span id={errorId} role="alert" className="cell-error">
          {error}
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
