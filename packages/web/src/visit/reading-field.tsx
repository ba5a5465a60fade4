import { judgeReading, VERDICT_NAMES } from '@water-clock/core/visits';
import { Button, Input, Segmented } from 'antd';
import type { MeterReading } from './station-seen';
import styles from './walk-page.module.css';
import { useSignedIn } from '../session/use-signed-in';

/** Reads the meter of a simulated timer: null is over its range, undefined did not work. */
export type ReadOhms = (station: number) => Promise<number | null | undefined>;

/** What was typed as a number: null for nothing, undefined for what is none. */
export function amountOf({ text }: MeterReading): number | null | undefined {
  if (text.trim() === '') return null;
  const amount = Number(text.replace(',', '.'));
  return amount >= 0 ? amount : undefined;
}

/** What a meter shows of a broken wire: more than it can. */
const OVER_RANGE_OHMS = 1e9;

export interface ReadingFieldProps {
  readonly reading: MeterReading;
  readonly power: 'mains' | 'battery';
  readonly readOhms: (() => Promise<number | null | undefined>) | null;
  readonly onChange: (reading: MeterReading) => void;
}

/** Ohms or amperes at the station's terminal, judged. */
export function ReadingField({ reading, power, readOhms, onChange }: ReadingFieldProps) {
  const { coilLimits } = useSignedIn().firm;
  const { unit, text } = reading;
  const amount = amountOf(reading);
  const isWrong = amount === undefined;
  const verdict =
    typeof amount === 'number'
      ? judgeReading(unit === 'ohms' ? { ohms: amount } : { amps: amount }, power, coilLimits)
      : undefined;
  const setOhms = (ohms: number | null | undefined) =>
    ohms !== undefined && onChange({ unit: 'ohms', text: String(ohms ?? OVER_RANGE_OHMS) });
  return (
    <div className={styles['walk-reading']}>
      <Segmented<'ohms' | 'amps'>
        aria-label="Unit of the reading"
        value={unit}
        options={[
          { value: 'ohms', label: 'Ω' },
          { value: 'amps', label: 'A' },
        ]}
        onChange={(value) => onChange({ unit: value, text })}
      />
      <Input
        aria-label="Reading of the meter"
        className="figures"
        inputMode="decimal"
        placeholder="reading"
        status={isWrong ? 'error' : ''}
        aria-invalid={isWrong}
        value={text}
        onChange={(event) => onChange({ unit, text: event.target.value })}
      />
      {readOhms ? (
        <Button onClick={() => void readOhms().then(setOhms)}>Read it</Button>
      ) : (
        <Button onClick={() => setOhms(null)}>Over range</Button>
      )}
      <span role="status" data-verdict={verdict}>
        {isWrong ? 'A number, such as 26' : verdict && VERDICT_NAMES[verdict]}
      </span>
    </div>
  );
}
