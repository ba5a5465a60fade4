import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import type { YardStation } from '@water-clock/core/yards';
import { Button, Select } from 'antd';
import type { ReactNode } from 'react';
import styles from './station-stepper.module.css';

interface StationStepperProps {
  readonly stations: readonly YardStation[];
  /** The number of the one that is shown. */
  readonly station: number;
  readonly onGo: (station: number) => void;
  readonly children?: ReactNode;
}

/** One station at a time: which it is, the one before it and the next. */
export function StationStepper({ stations, station, onGo, children }: StationStepperProps) {
  const at = stations.findIndex(({ number }) => number === station);
  const [before, after] = [stations[at - 1], stations[at + 1]];
  return (
    <div className={styles['stepper']}>
      <Button
        size="large"
        aria-label="Station before"
        icon={<LeftOutlined />}
        disabled={!before}
        onClick={() => before && onGo(before.number)}
      />
      <Select
        size="large"
        aria-label="Station"
        value={station}
        options={stations.map(({ number, name }) => ({
          value: number,
          label: `${number} · ${name ?? 'no name'}`,
        }))}
        onChange={onGo}
      />
      <Button
        size="large"
        aria-label="Next station"
        icon={<RightOutlined />}
        disabled={!after}
        onClick={() => after && onGo(after.number)}
      />
      {children}
    </div>
  );
}
