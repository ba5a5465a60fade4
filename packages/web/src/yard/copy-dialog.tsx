import { clsx } from 'clsx';
import type { YardStation } from '@water-clock/core/yards';
import { Checkbox } from 'antd';
import { Dialog } from '../ui/dialog';
import { useState } from 'react';
import styles from './yard-page.module.css';

interface CopyDialogProps {
  readonly from: number;
  readonly stations: readonly YardStation[];
  readonly onCopy: (to: number[]) => void;
  readonly onClose: () => void;
}

/** Gives other stations the facts that they share with one. */
export function CopyDialog({ from, stations, onCopy, onClose }: CopyDialogProps) {
  const [to, setTo] = useState<number[]>([]);
  const others = stations.filter(({ number }) => number !== from);
  const isAll = to.length === others.length;
  return (
    <Dialog
      open
      title={`Copy the facts of station ${from}`}
      okText="Copy"
      okButtonProps={{ disabled: to.length === 0 }}
      onOk={() => {
        onCopy(to);
        onClose();
      }}
      onCancel={onClose}
    >
      <p>
        Head, plant, sun, soil, slope, pump, sensor, run-off and soak go to the stations ticked.
        Names, areas, flows and notes stay their own.
      </p>
      <Checkbox
        checked={isAll}
        indeterminate={to.length > 0 && !isAll}
        onChange={() => setTo(isAll ? [] : others.map(({ number }) => number))}
      >
        All the others
      </Checkbox>
      <Checkbox.Group
        aria-label="Stations"
        className={clsx(styles['copy-stations'])}
        value={to}
        options={others.map(({ number, name }) => ({
          value: number,
          label: `${number} ${name ?? ''}`,
        }))}
        onChange={setTo}
      />
    </Dialog>
  );
}
