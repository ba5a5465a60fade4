import { useQuery } from '@tanstack/react-query';
import type { Plan } from '@water-clock/core/settings';
import { judgeReading, VERDICT_NAMES } from '@water-clock/core/visits';
import { Button, Checkbox, Segmented, Select } from 'antd';
import { useState } from 'react';
import { meterQuery, type SimulatorState, type ValveFault } from '../api/simulator';
import { useSay, useSignedIn } from '../session/use-signed-in';
import { Field } from '../ui/field';
import type { Simulated } from './use-simulated';
import pageStyles from '../ui/page.module.css';
import styles from './simulator.module.css';

interface SurroundingsProps {
  readonly state: SimulatorState;
  readonly simulated: Simulated;
  readonly timerId: string;
  readonly plan: Plan;
}

const SPEEDS = [0, 1, 60, 600, 3600, 10_000];
const HOUR_SECONDS = 3600;
const DAY_SECONDS = 86_400;

const FAULTS: readonly { readonly value: ValveFault | 'none'; readonly label: string }[] = [
  { value: 'none', label: 'whole' },
  { value: 'open', label: 'wire broken' },
  { value: 'short', label: 'wires bridged' },
  { value: 'stuck', label: 'valve stays open until the run ends' },
  { value: 'stuck-open', label: 'valve open all the time' },
];

/** How fast its clock goes, the weather, the power, the wires and valves, and what meters show. */
export function Surroundings({ state, simulated: { command }, timerId, plan }: SurroundingsProps) {
  const { coilLimits } = useSignedIn().firm;
  const say = useSay();
  const [station, setStation] = useState(plan.stations[0]?.number ?? 1);
  const [hasBattery, setBattery] = useState(true);
  const meter = useQuery(meterQuery(timerId, station, state.faults[String(station)] ?? 'none'));
  const fault = FAULTS.find(({ value }) => value === state.faults[String(station)]) ?? FAULTS[0]!;
  const ohms = meter.data?.ohms ?? null;
  const verdict = judgeReading({ ohms: ohms ?? Infinity }, plan.timer.power, coilLimits);
  const watering = state.open.map(({ station: one }) => one);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="around">
      <h2 id="around">What happens to it</h2>
      <div className={styles['row']}>
        <Segmented<number>
          aria-label="How fast its clock goes"
          value={state.speed}
          options={SPEEDS.map((value) => ({ value, label: value === 0 ? 'Stopped' : `${value}×` }))}
          onChange={(speed) => void command({ command: 'clock', speed })}
        />
        <Button onClick={() => void command({ command: 'advance', seconds: HOUR_SECONDS })}>
          An hour on
        </Button>
        <Button onClick={() => void command({ command: 'advance', seconds: DAY_SECONDS })}>
          A day on
        </Button>
      </div>
      <div className={styles['row']}>
        <Checkbox
          checked={state.isSensorWet}
          onChange={({ target }) => void command({ command: 'sensor', isWet: target.checked })}
        >
          Rain
        </Checkbox>
        <Checkbox
          checked={state.isFreezing}
          onChange={({ target }) => void command({ command: 'sensor', isFreezing: target.checked })}
        >
          Frost
        </Checkbox>
        {state.hasPower ? (
          <>
            <Checkbox checked={hasBattery} onChange={({ target }) => setBattery(target.checked)}>
              With a battery in it
            </Checkbox>
            <Button onClick={() => void command({ command: 'cut-power', hasBattery })}>
              Cut the power
            </Button>
          </>
        ) : (
          <Button onClick={() => void command({ command: 'restore-power' })}>Power back on</Button>
        )}
      </div>
      <div className={styles['row']}>
        <Field label="At the terminal of">
          {(id) => (
            <Select
              id={id}
              value={station}
              popupMatchSelectWidth={false}
              options={plan.stations.map(({ number, name = '' }) => ({
                value: number,
                label: `${number} ${name}`,
              }))}
              onChange={setStation}
            />
          )}
        </Field>
        <Field label="Wire and valve">
          {(id) => (
            <Select
              id={id}
              value={fault.value}
              popupMatchSelectWidth={false}
              options={[...FAULTS]}
              onChange={(value) => void command({ command: 'fault', station, fault: value })}
            />
          )}
        </Field>
      </div>
      <dl className={pageStyles['facts']}>
        <dt>Ohm meter</dt>
        <dd>
          {meter.data ? (ohms === null ? 'no circuit' : `${ohms} Ω`) : '…'}
          {meter.data && ` (${VERDICT_NAMES[verdict]})`}
        </dd>
        <dt>Ammeter</dt>
        <dd>{meter.data ? `${meter.data.amps} A while it is to be on` : '…'}</dd>
        <dt>In the yard</dt>
        <dd>{watering.length === 0 ? 'it is dry' : `water at ${watering.join(', ')}`}</dd>
        <dt>Water meter</dt>
        <dd>{say(`${state.flowLpm} L/min`)}</dd>
      </dl>
    </section>
  );
}
