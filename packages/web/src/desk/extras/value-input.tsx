import { clsx } from 'clsx';
import type { KeyInValue } from '@water-clock/core/key-in';
import type { Plan } from '@water-clock/core/settings';
import { DAY_MODES } from '@water-clock/core/timer-types';
import { Checkbox, Input, Radio } from 'antd';
import { DayRuleEditor } from '../grid/day-rule-editor';
import { WEEKDAY_OPTIONS } from '../../format/weekday-options';
import { LENGTH_HINT, minutesText, parseClock, parseLength } from '../../format/lengths';
import { useClock } from '../../session/use-signed-in';
import { HoldInput } from './hold-input';
import { HoursInput } from '../../ui/hours-input';
import { wanting, type KeysWanted } from '../../ui/keys-wanted';
import { NumberInput } from '../../ui/number-input';
import { useTypedText } from '../../ui/use-typed-text';
import pageStyles from '../../ui/page.module.css';
import styles from './extra-fields.module.css';

interface ValueInputProps {
  readonly label: string;
  readonly value: KeyInValue;
  /** The settings that it is one of: they tell which stations there are. */
  readonly plan: Plan;
  /** The longest hold that the timer type takes. */
  readonly longestHoldDays: number;
  readonly hasFocus?: boolean;
  readonly onChange: (value: KeyInValue) => void;
}

/** A value as the display shows it, typed or chosen. */
export function ValueInput({
  label,
  value,
  plan,
  longestHoldDays,
  hasFocus = false,
  onChange,
}: ValueInputProps) {
  const clock = useClock();
  switch (value.type) {
    case 'time':
      return (
        <TextValue
          {...{ label, hasFocus }}
          keys="time"
          text={value.time ?? ''}
          hint="A time such as 3:30 or 9 pm; empty: off"
          read={(text) => {
            const time = parseClock(text);
            return time === undefined ? null : { type: 'time', time };
          }}
          onChange={onChange}
        />
      );
    case 'length':
      return (
        <TextValue
          {...{ label, hasFocus }}
          keys="length"
          text={value.seconds === 0 ? '' : minutesText(value.seconds)}
          hint={`${LENGTH_HINT}; empty: off`}
          read={(text) => {
            const seconds = parseLength(text);
            return seconds === undefined ? null : { type: 'length', seconds: seconds ?? 0 };
          }}
          onChange={onChange}
        />
      );
    case 'month-days':
      return (
        <TextValue
          {...{ label, hasFocus }}
          keys="list"
          text={value.monthDays.join(', ')}
          hint="Days of the month such as 1, 15; empty: none"
          read={(text) => {
            const monthDays = numbersIn(text, MONTH_DAYS);
            return monthDays && { type: 'month-days', monthDays };
          }}
          onChange={onChange}
        />
      );
    case 'stations':
      return (
        <TextValue
          {...{ label, hasFocus }}
          keys="list"
          text={value.stations.join(', ')}
          hint="Stations of this timer such as 2, 5; empty: none"
          read={(text) => {
            const stations = plan.stations.map(({ number }) => number);
            const numbers = numbersIn(text, stations);
            return numbers && { type: 'stations', stations: numbers };
          }}
          onChange={onChange}
        />
      );
    case 'hours':
      return (
        <HoursInput
          hours={value.hours}
          areDry={value.areDry}
          clock={clock}
          onChange={(hours) => onChange({ ...value, hours })}
        />
      );
    case 'holds':
      return (
        <HoldInput
          holds={value.holds}
          mostDays={longestHoldDays}
          timeZone={plan.site?.timeZone}
          onChange={(holds) => onChange({ type: 'holds', holds })}
        />
      );
    case 'count':
      return (
        <NumberInput
          {...{ label, hasFocus }}
          least={1}
          most={MOST_STATIONS}
          isWhole
          width={90}
          value={value.count}
          onChange={(count) => onChange({ type: 'count', count })}
        />
      );
    case 'percent':
      return (
        <NumberInput
          {...{ label, hasFocus }}
          least={0}
          most={1000}
          isWhole
          width={90}
          suffix="%"
          value={value.percent}
          onChange={(percent) => onChange({ type: 'percent', percent })}
        />
      );
    case 'weekdays':
      return (
        <Checkbox.Group
          aria-label={label}
          options={WEEKDAY_OPTIONS}
          value={[...value.weekdays]}
          onChange={(weekdays) => onChange({ type: 'weekdays', weekdays: weekdays.sort() })}
        />
      );
    case 'days':
      return (
        <DayRuleEditor
          days={value.days}
          dayModes={DAY_MODES}
          onChange={(days) => onChange({ type: 'days', days })}
        />
      );
    case 'choice':
      return (
        <Radio.Group
          aria-label={label}
          value={value.isOn}
          options={value.words.map((words, index) => ({ label: words, value: index === 0 }))}
          onChange={(event) => onChange({ ...value, isOn: event.target.value === true })}
        />
      );
  }
}

const MOST_STATIONS = 256;

const MONTH_DAYS = Array.from({ length: 31 }, (_, index) => index + 1);

/** Numbers of those that there are, each once; null where something else is among them. */
function numbersIn(text: string, known: readonly number[]): number[] | null {
  const numbers = text
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number);
  const areKnown = numbers.every((one) => known.includes(one));
  return areKnown ? [...new Set(numbers)].sort((a, b) => a - b) : null;
}

interface TextValueProps {
  readonly label: string;
  readonly hasFocus: boolean;
  readonly keys: KeysWanted;
  readonly text: string;
  readonly hint: string;
  /** Null for text that is no such value. */
  readonly read: (text: string) => KeyInValue | null;
  readonly onChange: (value: KeyInValue) => void;
}

function TextValue({ label, hasFocus, keys, text, hint, read, onChange }: TextValueProps) {
  const typed = useTypedText({
    shown: text,
    take: (entered) => {
      const value = read(entered);
      if (!value) return hint;
      onChange(value);
      return null;
    },
  });
  return (
    <span>
      <Input
        aria-label={label}
        autoFocus={hasFocus}
        className="figures"
        {...wanting(keys)}
        style={{ width: 140 }}
        status={typed.fault ? 'error' : ''}
        aria-invalid={typed.fault !== null}
        data-unread={typed.fault !== null}
        value={typed.text}
        onFocus={typed.enter}
        onChange={(event) => typed.type(event.target.value)}
        onBlur={typed.leave}
      />
      <span
        className={clsx(pageStyles['soft'], styles['value-hint'])}
        role={typed.fault ? 'alert' : undefined}
      >
        {hint}
      </span>
    </span>
  );
}
