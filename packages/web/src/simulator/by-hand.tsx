import type { Plan } from '@water-clock/core/settings';
import { App, Button, Select } from 'antd';
import { useState } from 'react';
import type { SimulatorState } from '../api/simulator';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import type { AtFace } from './use-presses';
import pageStyles from '../ui/page.module.css';
import styles from './simulator.module.css';

interface ByHandProps {
  readonly state: Pick<SimulatorState, 'lit' | 'rainDelayUntil' | 'hasBackup'>;
  readonly simulated: AtFace;
  readonly plan: Plan;
}

const MOST_MINUTES = 60;
const HOURS_A_DAY = 24;
const HOLDS_DAYS = [1, 2, 3, 7];

/** What is run by hand, held, kept and brought back. */
export function ByHand({ state, simulated: { command }, plan }: ByHandProps) {
  const { modal } = App.useApp();
  const [minutes, setMinutes] = useState(2);
  const [station, setStation] = useState(plan.stations[0]?.number ?? 1);
  const [program, setProgram] = useState(plan.timer.programs[0]!);
  const seconds = minutes * 60;
  const reset = () =>
    void modal.confirm({
      title: 'Set it to how it left the factory?',
      content: 'What is set in the simulated timer goes. Its own memory keeps what it keeps.',
      okText: 'Set it back',
      onOk: () => command({ command: 'reset' }),
    });
  return (
    <section className={pageStyles['sheet']} aria-labelledby="by-hand">
      <h2 id="by-hand">By hand</h2>
      <div className={styles['row']}>
        <Field label="Minutes each">
          {(id) => (
            <NumberInput
              {...{ id }}
              value={minutes}
              least={1}
              most={MOST_MINUTES}
              isWhole
              suffix="min"
              width={110}
              onChange={setMinutes}
            />
          )}
        </Field>
        <Field label="Station">
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
        <Field label="Program">
          {(id) => (
            <Select
              id={id}
              value={program}
              popupMatchSelectWidth={false}
              options={plan.timer.programs.map((value) => ({ value, label: value }))}
              onChange={setProgram}
            />
          )}
        </Field>
      </div>
      <div className={styles['row']}>
        <Button onClick={() => void command({ command: 'run-all', seconds })}>
          All, one by one
        </Button>
        <Button onClick={() => void command({ command: 'run-station', station, seconds })}>
          Station {station}
        </Button>
        <Button onClick={() => void command({ command: 'run-from', station, seconds })}>
          From {station} on
        </Button>
        <Button onClick={() => void command({ command: 'run-program', program })}>
          Program {program}
        </Button>
        <Button
          disabled={state.lit.length === 0}
          onClick={() => void command({ command: 'next-station' })}
        >
          Next station
        </Button>
        <Button onClick={() => void command({ command: 'stop' })}>Stop</Button>
      </div>
      <div className={styles['row']} role="group" aria-label="Hold">
        <span className={pageStyles['soft']}>Hold for days:</span>
        {HOLDS_DAYS.map((days) => (
          <Button
            key={days}
            onClick={() => void command({ command: 'rain-delay', hours: days * HOURS_A_DAY })}
          >
            {days}
          </Button>
        ))}
        <Button
          disabled={state.rainDelayUntil === null}
          onClick={() => void command({ command: 'rain-delay', hours: 0 })}
        >
          End the hold
        </Button>
      </div>
      <div className={styles['row']} role="group" aria-label="Its own memory">
        <Button onClick={() => void command({ command: 'back-up' })}>Store a copy in it</Button>
        <Button disabled={!state.hasBackup} onClick={() => void command({ command: 'restore' })}>
          Bring its copy back
        </Button>
        <Button onClick={reset}>Factory reset…</Button>
      </div>
    </section>
  );
}
