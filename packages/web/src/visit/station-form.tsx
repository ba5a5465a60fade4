import { lengthInWords } from '@water-clock/core/words';
import { clsx } from 'clsx';
import type { Plan, StationSettings } from '@water-clock/core/settings';
import {
  FAULT_NAMES,
  STATION_FAULTS,
  StationEntry,
  type StationFault,
} from '@water-clock/core/visits';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { readAmount } from '../measure/read-amount';
import { useStopwatch } from '../measure/use-stopwatch';
import { useKeptForm } from '../offline/use-kept-form';
import { useQuantity } from '../session/use-signed-in';
import type { OpenVisit } from '../timer-records/use-visit';
import { oncePressed } from '../ui/once-pressed';
import { FlowField } from './flow-field';
import { amountOf, ReadingField, type ReadingFieldProps, type ReadOhms } from './reading-field';
import { flowOf, seenBefore, seenIn, type Seen } from './station-seen';
import styles from './walk-page.module.css';
import pageStyles from '../ui/page.module.css';

interface StationFormProps {
  readonly open: OpenVisit;
  readonly station: StationSettings;
  /** As it is in the timer. */
  readonly plan: Plan;
  /** Units on two wires are judged by their own test, never by ohms. */
  readonly isTwoWire: boolean;
  /** Null where no simulated timer hangs. */
  readonly readOhms: ReadOhms | null;
  readonly readFlow: (() => number) | null;
  /** Somebody watches it run. */
  readonly isOn: boolean;
  readonly onSaved: () => void;
}

const PRESSURE = { least: 0, most: 2000 };

/** Fine, or the faults of a station, with a note, readings and the time to run-off. */
export function StationForm(props: StationFormProps) {
  const { open, station, plan, isTwoWire, readOhms, readFlow, isOn, onSaved } = props;
  const { number, name = '' } = station;
  const [flowUnit, volume, pressureUnit] = [
    useQuantity('flow'),
    useQuantity('volume'),
    useQuantity('pressure'),
  ];
  const before = open.visit.stations.get(number)?.latest.entry;
  const kept = useKeptForm(
    `walk.${open.id}.${number}`,
    seenIn,
    seenBefore(before, flowUnit, pressureUnit),
  );
  const { faults, note, reading, runoffSeconds: runoff } = kept.form;
  const see = (seen: Partial<Seen>) => kept.set((form) => ({ ...form, ...seen }));
  const watch = useStopwatch(`walk ${open.timerId} ${number}`);
  const [isOpen, setOpen] = useState(watch.isRunning || faults.length > 0 || kept.isChanged);
  const flow = flowOf(kept.form.flow, flowUnit, volume);
  const pressure = readAmount(kept.form.pressure, PRESSURE, pressureUnit);
  const isWrong =
    amountOf(reading) === undefined || typeof flow === 'string' || typeof pressure === 'string';
  const save = async (found: readonly StationFault[]) => {
    const amount = amountOf(reading);
    const entry = Object.assign(new StationEntry(), {
      station: number,
      faults: [...found],
      note: note.trim(),
      ...(typeof amount === 'number' && { [reading.unit]: amount }),
      ...(runoff && { runoffSeconds: runoff }),
      ...flowFields(flow, kept.form.flow.isNew),
      ...(typeof pressure === 'number' && { pressureKpa: pressure }),
    });
    const words = found.map((fault) => FAULT_NAMES[fault]).join(', ') || 'fine';
    await open.add(entry, `Station ${number} ${name}: ${words}`);
    kept.restart({ ...kept.form, faults: found });
    kept.forget();
    onSaved();
  };
  return (
    <>
      <div className={styles['walk-verdict']}>
        <Button
          type={isOn ? 'primary' : 'default'}
          onClick={oncePressed(() => void save([]))}
          disabled={faults.length > 0 || isWrong}
        >
          Fine
        </Button>
        <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          Fault or reading…
        </Button>
      </div>
      {isOpen && (
        <section
          className={clsx(pageStyles['sheet'], styles['walk-form'])}
          aria-label={`Station ${number}: what is seen`}
        >
          <Checkbox.Group
            aria-label="What is wrong"
            className={clsx(styles['walk-faults'])}
            value={[...faults]}
            options={STATION_FAULTS.map((value) => ({ value, label: FAULT_NAMES[value] }))}
            onChange={(ticked) => see({ faults: ticked })}
          />
          <Input
            aria-label="Note"
            placeholder="Note: where, what is needed"
            maxLength={500}
            value={note}
            onChange={(event) => see({ note: event.target.value })}
          />
          <FlowField
            {...{ open, plan, readFlow }}
            station={number}
            typed={kept.form.flow}
            onChange={(typed) => see({ flow: typed })}
          />
          <Terminal
            {...{ reading, isTwoWire }}
            power={plan.timer.power}
            readOhms={readOhms && (() => readOhms(number))}
            onChange={(read) => see({ reading: read })}
          />
          <PressureField
            text={kept.form.pressure}
            fault={typeof pressure === 'string' ? pressure : null}
            onType={(text) => see({ pressure: text })}
          />
          {watch.isRunning ? (
            <Button type="primary" onClick={() => see({ runoffSeconds: watch.stop() })}>
              Water stands or runs: <span className="figures">{lengthInWords(watch.seconds)}</span>
            </Button>
          ) : (
            <Button onClick={watch.start}>
              Time to run-off{runoff ? `: ${lengthInWords(runoff)}` : ''}
            </Button>
          )}
          <Button
            danger
            onClick={oncePressed(() => void save(faults))}
            disabled={faults.length === 0 || isWrong}
          >
            Keep the fault
          </Button>
        </section>
      )}
    </>
  );
}

interface TerminalProps extends ReadingFieldProps {
  readonly isTwoWire: boolean;
}

const Terminal = ({ isTwoWire, ...reading }: TerminalProps) =>
  isTwoWire ? (
    <p className={pageStyles['soft']}>
      On two wires a unit is judged by the timer&rsquo;s own test of it, not by ohms.
    </p>
  ) : (
    <ReadingField {...reading} />
  );

interface PressureFieldProps {
  readonly text: string;
  readonly fault: string | null;
  readonly onType: (text: string) => void;
}

function PressureField({ text, fault, onType }: PressureFieldProps) {
  const { label } = useQuantity('pressure');
  return (
    <div className={styles['walk-reading']}>
      <Input
        aria-label="Pressure at the head"
        className="figures"
        inputMode="decimal"
        placeholder="pressure"
        suffix={label}
        status={fault === null ? '' : 'error'}
        aria-invalid={fault !== null}
        value={text}
        onChange={(event) => onType(event.target.value)}
      />
      <span role="status">{fault}</span>
    </div>
  );
}

/** What an entry says of a flow. */
const flowFields = (flow: ReturnType<typeof flowOf>, isNew: boolean) =>
  flow === null || typeof flow === 'string'
    ? {}
    : {
        ...{ flowLpm: Number(flow.lpm.toFixed(3)), flowStepLpm: Number(flow.stepLpm.toFixed(3)) },
        ...(isNew && { isFlowNew: true }),
      };
