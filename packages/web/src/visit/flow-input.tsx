import { Button, Input, Segmented } from 'antd';
import { shownAmount } from '../format/quantities';
import { useQuantity } from '../session/use-signed-in';
import type { FlowTyped } from './station-seen';
import styles from './walk-page.module.css';

interface FlowInputProps {
  readonly typed: FlowTyped;
  readonly readFlow: (() => number) | null;
  readonly onChange: (typed: FlowTyped) => void;
}

/** A flow as it is read off, or by two readings of the water meter. */
export function FlowInput({ typed, readFlow, onChange }: FlowInputProps) {
  const [unit, volume] = [useQuantity('flow'), useQuantity('volume')];
  const set = (fields: Partial<FlowTyped>) => onChange({ ...typed, ...fields });
  const field = (name: 'flow' | 'before' | 'after' | 'minutes', label: string, suffix: string) => (
    <Input
      aria-label={label}
      className="figures"
      inputMode="decimal"
      placeholder={label.toLowerCase()}
      suffix={suffix}
      value={typed[name]}
      onChange={(event) => set({ [name]: event.target.value })}
    />
  );
  return (
    <div className={styles['walk-reading']}>
      <Segmented<FlowTyped['way']>
        aria-label="How the flow is read"
        value={typed.way}
        options={[
          { value: 'flow', label: 'Read off' },
          { value: 'meter', label: 'By the meter' },
        ]}
        onChange={(way) => set({ way })}
      />
      {typed.way === 'flow' ? (
        field('flow', 'Flow', unit.label)
      ) : (
        <>
          {field('before', 'First reading', volume.label)}
          {field('after', 'Second reading', volume.label)}
          {field('minutes', 'Minutes between', 'min')}
        </>
      )}
      {readFlow && (
        <Button onClick={() => set({ way: 'flow', flow: shownAmount(readFlow(), unit) })}>
          Read the meter
        </Button>
      )}
    </div>
  );
}
