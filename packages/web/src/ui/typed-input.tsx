import { Input, Tooltip, type InputProps } from 'antd';
import type { useTypedText } from './use-typed-text';

interface TypedInputProps extends Pick<
  InputProps,
  'className' | 'placeholder' | 'suffix' | 'onKeyDown'
> {
  readonly id?: string | undefined;
  readonly label?: string | undefined;
  readonly typed: ReturnType<typeof useTypedText>;
  /** Something of its own stands where the sentence would. */
  readonly isCovered?: boolean;
}

/** A field of a form that is read as it is typed in: what cannot be read stays, marked, with its sentence. */
export const TypedInput = ({ id, label, typed, isCovered, ...input }: TypedInputProps) => (
  <Tooltip title={typed.fault} open={typed.fault !== null && !isCovered}>
    <Input
      {...input}
      {...(id !== undefined && { id })}
      {...(label !== undefined && { 'aria-label': label })}
      value={typed.text}
      status={typed.fault ? 'error' : ''}
      aria-invalid={typed.fault !== null}
      onFocus={(event) => {
        typed.enter();
        event.currentTarget.select();
      }}
      onChange={(event) => typed.type(event.target.value)}
      onBlur={typed.leave}
    />
  </Tooltip>
);
