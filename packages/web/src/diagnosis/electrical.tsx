import { electricalFaultsOf, type TerminalReading } from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import { Segmented } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Timer } from '../api/timers';
import styles from './diagnosis.module.css';

interface ElectricalProps {
  readonly timer: Timer;
  readonly plan: Plan;
  readonly station: number;
}

type Measured = Exclude<TerminalReading, null> | 'unknown';
const READINGS: readonly { readonly value: Measured; readonly label: string }[] = [
  { value: 'unknown', label: 'not measured' },
  { value: 'open', label: 'open' },
  { value: 'short', label: 'short' },
  { value: 'fine', label: 'in range' },
];

/** What it can be where a station never opens, by what the meter shows at its terminal. */
export function Electrical({ timer, plan, station }: ElectricalProps) {
  const [reading, setReading] = useState<Measured>('unknown');
  const { wiring } = timer.handling;
  const stations = plan.stations.filter(({ enabled }) => enabled).map(({ number }) => number);
  const faults = electricalFaultsOf({
    ...{ wiring, stations, shut: [station] },
    reading: reading === 'unknown' ? null : reading,
  });
  return (
    <div className={styles['electrical']}>
      <p>
        <strong>What it can be</strong>
        {wiring === 'two-wire'
          ? ' (on two wires ohms say nothing):'
          : ', by the meter at its terminal:'}
      </p>
      {wiring === 'valve-wires' && (
        <Segmented<Measured>
          aria-label="What the meter shows at its terminal"
          size="small"
          value={reading}
          options={[...READINGS]}
          onChange={setReading}
        />
      )}
      <dl>
        {faults.map(({ code, name, tells }) => (
          <div key={code}>
            <dt>{name}</dt>
            <dd>{tells}</dd>
          </div>
        ))}
      </dl>
      <p>
        <Link to={`/timers/${timer.id}/visit/circuits`}>
          Check all circuits, and what to try in which order
        </Link>
      </p>
    </div>
  );
}
