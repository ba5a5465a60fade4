import { Input, Tooltip, type InputProps } from 'antd';
import { useId } from 'react';
import type { useTypedText } from './use-typed-text';

interface TypedInputProps extends Omit<InputProps, 'id' | 'value' | 'status' | 'onChange'> {
  readonly id?: string | undefined;
  readonly label?: string | undefined;
  readonly typed: ReturnType<typeof useTypedText>;
  /** Something of its own stands where the sentence would. */
  readonly isCovered?: boolean;
}

/** A field of a form that is read as it is typed in: what cannot be read stays, marked, with its sentence. */
export function TypedInput({ id, label, typed, isCovered, onKeyDown, ...input }: TypedInputProps) {
  const faultId = useId();
  const { fault } = typed;
  return (
    <>
      <Tooltip
        title={fault}
        trigger={['hover', 'focus']}
        {...((fault === null || isCovered) && { open: false })}
      >
        <Input
          {...input}
          {...(id !== undefined && { id })}
          {...(label !== undefined && { 'aria-label': label })}
          value={typed.text}
          status={fault ? 'error' : ''}
          aria-invalid={fault !== null}
          aria-describedby={fault === null ? undefined : faultId}
          data-unread={fault !== null}
          onFocus={(event) => {
            typed.enter();
            event.currentTarget.select();
          }}
          onChange={(event) => typed.type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Escape' && fault !== null) {
              event.stopPropagation();
              typed.restore();
            } else onKeyDown?.(event);
          }}
          onBlur={typed.leave}
        />
      </Tooltip>
      {fault !== null && (
        <span id={faultId} role="alert" className="visually-hidden">
          {fault}
        </span>
      )}
    </>
  );
}
