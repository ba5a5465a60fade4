import { ELECTRICAL_FAULTS } from '@water-clock/core/faults';
import type { PracticeCase } from '@water-clock/core/practice';
import { judgeReading, VERDICT_NAMES } from '@water-clock/core/visits';
import { Button, Select } from 'antd';
import { useState } from 'react';
import {
  readPractice,
  searchPractice,
  type PracticeCommand,
  type PracticeState,
} from '../api/practice';
import { Caution } from '../ui/page';
import { Field } from '../ui/field';
import pageStyles from '../ui/page.module.css';
import { useSignedIn } from '../session/use-signed-in';
import styles from './practice.module.css';

interface BenchProps {
  readonly of: PracticeCase;
  readonly state: PracticeState;
  readonly command: (command: PracticeCommand) => Promise<boolean>;
}

type Measured = { readonly station: number; readonly words: string };

/** The yard as one walks it, the meter, and the parts in the van. */
export function Bench({ of, state, command }: BenchProps) {
  const { coilLimits } = useSignedIn().firm;
  const { copy, asks } = of;
  const isTwoWire = asks.wiring === 'two-wire';
  const [station, setStation] = useState(copy.stations[0]?.number ?? 1);
  const [measured, setMeasured] = useState<Measured | null>(null);
  const [units, setUnits] = useState<readonly number[] | null>(null);
  const [part, setPart] = useState<string | null>(null);
  const watering = state.open.map((one) => one.station);
  const measure = async () => {
    const { ohms, amps } = await readPractice(station);
    const verdict =
      VERDICT_NAMES[judgeReading({ ohms: ohms ?? Infinity }, copy.timer.power, coilLimits)];
    const words = ohms === null ? 'no circuit' : `${ohms} Ω`;
    setMeasured({ station, words: `${words} (${verdict}); ${amps} A while it is to be on` });
  };
  const test = async () => {
    const { units: known } = await searchPractice();
    const isThere = known.some(({ address }) => address === station);
    setMeasured({ station, words: isThere ? 'its unit answers' : 'its unit is silent' });
  };
  const search = async () => {
    const answer = await searchPractice();
    setUnits(answer.units.map(({ address }) => address));
  };
  const stations = copy.stations.map(({ number, name = '' }) => ({
    value: number,
    label: `${number} ${name}`,
  }));
  return (
    <section className={pageStyles['sheet']} aria-labelledby="yard">
      <h2 id="yard">The yard, the meter, the van</h2>
      <Caution>
        Power off before a wire is touched; the mains side is for a licensed electrician. Wet paths
        are slippery.
      </Caution>
      <p role="status">
        {watering.length === 0
          ? 'You walk the yard: it is dry everywhere.'
          : `You walk the yard: water at station ${watering.join(', ')}.`}{' '}
        {copy.timer.rainSensor &&
          (state.isSensorWet ? 'The timer says that its sensor is wet.' : 'The sensor is dry.')}
      </p>
      <div className={styles['row']}>
        <Field label="At station">
          {(id) => (
            <Select
              id={id}
              value={station}
              popupMatchSelectWidth={false}
              options={stations}
              onChange={setStation}
            />
          )}
        </Field>
        {isTwoWire ? (
          <>
            <Button onClick={() => void test()}>Test its unit by number</Button>
            <Button onClick={() => void search()}>Search the two wires</Button>
          </>
        ) : (
          <Button onClick={() => void measure()}>Measure at its terminal</Button>
        )}
      </div>
      {measured && (
        <p role="status">
          Station {measured.station}: {measured.words}.
        </p>
      )}
      {units && (
        <p role="status">
          {units.length === 0
            ? 'No unit answers.'
            : `These answer: the units of station ${units.join(', ')}.`}
        </p>
      )}
      <div className={styles['row']}>
        <Field label="Put right, at that station">
          {(id) => (
            <Select<string | null>
              id={id}
              value={part}
              placeholder="choose what"
              popupMatchSelectWidth={false}
              options={partsFor(isTwoWire)}
              onChange={setPart}
            />
          )}
        </Field>
        <Button
          disabled={part === null}
          onClick={() => {
            if (part !== null)
              void command({
                command: 'replace',
                of: part,
                station: part === 'sensor' ? null : station,
              });
            setPart(null);
          }}
        >
          Do it
        </Button>
      </div>
    </section>
  );
}

interface PartOption {
  readonly value: string;
  readonly label: string;
}

const partsFor = (isTwoWire: boolean): PartOption[] => [
  ...ELECTRICAL_FAULTS.filter(({ wirings }) =>
    wirings.includes(isTwoWire ? 'two-wire' : 'valve-wires'),
  ).map(({ code, name }): PartOption => ({ value: code, label: name })),
  { value: 'valve', label: 'A valve that does not close' },
  { value: 'sensor', label: 'The rain sensor' },
];
