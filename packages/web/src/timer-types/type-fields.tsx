import { Checkbox, Select } from 'antd';
import { useId, type ReactNode } from 'react';
import { LengthInput } from '../ui/length-input';
import { NumberInput } from '../ui/number-input';
import styles from './type-questions.module.css';

interface QuestionProps {
  readonly title: string;
  /** What to press or look at on the timer to find out. */
  readonly hint?: string;
  readonly children: ReactNode;
}

/** A question with its answers. */
export function Question({ title, hint, children }: QuestionProps) {
  return (
    <fieldset className={styles['type-question']}>
      <legend>{title}</legend>
      {hint && <p className={styles['type-hint']}>{hint}</p>}
      {children}
    </fieldset>
  );
}

interface CountProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly suffix?: string;
  readonly onChange: (value: number) => void;
}

export function Count({ label, value, min, max, suffix, onChange }: CountProps) {
  const id = useId();
  return (
    <div className={styles['type-field']}>
      <label htmlFor={id}>{label}</label>
      <NumberInput
        {...{ id, value, onChange }}
        {...(suffix !== undefined && { suffix })}
        least={min}
        most={max}
        isWhole
        width={110}
      />
    </div>
  );
}

interface LengthProps {
  readonly label: string;
  readonly seconds: number;
  readonly leastSeconds: number;
  readonly mostSeconds: number;
  readonly onChange: (seconds: number) => void;
}

export function Length({ label, ...length }: LengthProps) {
  const id = useId();
  return (
    <div className={styles['type-field']}>
      <label htmlFor={id}>{label}</label>
      <LengthInput {...{ id, ...length }} width={110} />
    </div>
  );
}

interface ChoiceProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly options: { value: Value; label: string }[];
  readonly onChange: (value: Value) => void;
}

export function Choice<Value extends string | number>({
  label,
  value,
  options,
  onChange,
}: ChoiceProps<Value>) {
  const id = useId();
  return (
    <div className={styles['type-field']}>
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        value={value}
        options={options}
        popupMatchSelectWidth={false}
        onChange={(chosen) => onChange(chosen)}
      />
    </div>
  );
}

interface YesNoProps {
  readonly label: string;
  /** What to press or look at on the timer to find out. */
  readonly hint?: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

export const YesNo = ({ label, hint, value, onChange }: YesNoProps) => (
  <div>
    <Checkbox checked={value} onChange={(event) => onChange(event.target.checked)}>
      {label}
    </Checkbox>
    {hint && <p className={styles['type-hint']}>{hint}</p>}
  </div>
);
