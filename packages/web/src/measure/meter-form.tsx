import { lengthInWords } from '@water-clock/core/words';
import { flowOfMeter } from '@water-clock/core/agronomy';
import type { YardStation } from '@water-clock/core/yards';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Field } from '../ui/field';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { LENGTH_HINT, parseLength } from '../format/lengths';
import { setStation, type YardEdit } from '@water-clock/core/yards';
import { AmountInput } from './amount-input';
import { BigInput } from './big-input';
import { amountOf, faultOf, readAmount } from './read-amount';
import { useStopwatch } from './use-stopwatch';
import styles from './measure-page.module.css';
import pageStyles from '../ui/page.module.css';

interface MeterFormProps {
  readonly timerId: string;
  readonly station: YardStation;
  readonly edit: (edit: YardEdit, key?: string) => void;
}

/** What a meter counts in, litres each. */
const METERS = [
  { value: 1, label: 'litres' },
  { value: 1000, label: 'm³' },
  { value: 3.785411784, label: 'gallons' },
  { value: 28.316846592, label: 'cubic feet' },
];

const READING = { least: 0, most: 1e12 };
const MOST_FLOW_LPM = 100_000;
const FLOW = { least: 0, most: MOST_FLOW_LPM };
const AREA = { least: 0, isAbove: true, most: 1_000_000 };

/** The flow of a station from two readings of the water meter, and the area that it waters. */
export function MeterForm({ timerId, station, edit }: MeterFormProps) {
  const watch = useStopwatch(`meter ${timerId} ${station.number}`);
  const flow = useQuantity('flow');
  const area = useQuantity('area');
  const [litres, setLitres] = useState(flow.inSi === 1 ? 1 : 3.785411784);
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [time, setTime] = useState('');
  const keep = (fields: object) =>
    edit(setStation(station.number, fields), `${Object.keys(fields).join()} ${station.number}`);
  const readings = readMeter({ before, after, time, litres });

  return (
    <div className={styles['measure-form']}>
      <p className={pageStyles['soft']}>
        Nothing else may draw water. Read the meter, let the station run for two minutes or more,
        read it again.
      </p>
      <Field label="The meter counts">
        {(id) => (
          <Select id={id} size="large" value={litres} options={METERS} onChange={setLitres} />
        )}
      </Field>
      <div className={styles['measure-pair']}>
        <BigInput
          label="First reading"
          value={before}
          fault={readings.beforeFault}
          onType={setBefore}
        />
        <BigInput
          label="Second reading"
          value={after}
          fault={readings.afterFault}
          onType={setAfter}
        />
      </div>
      <div className={styles['measure-pair']}>
        <BigInput
          label="Time between, minutes"
          value={watch.isRunning ? lengthInWords(watch.seconds) : time}
          fault={readings.timeFault}
          isLocked={watch.isRunning}
          onType={setTime}
        />
        <div className={styles['measure-take']}>
          <Button
            size="large"
            onClick={() => {
              if (watch.isRunning) setTime(lengthInWords(watch.stop()));
              else watch.start();
            }}
          >
            {watch.isRunning ? 'Read now: stop' : 'Time it'}
          </Button>
        </div>
      </div>
      {readings.flowLpm !== null && (
        <div className={styles['measure-found']} aria-live="polite">
          <span>
            {shownAmount(readings.flowLpm, flow)} {flow.label}
          </span>
          <Button
            size="large"
            type="primary"
            onClick={() => keep({ flowLpm: Number(readings.flowLpm!.toFixed(3)) })}
          >
            It is this station&apos;s flow
          </Button>
        </div>
      )}
      <div className={styles['measure-pair']}>
        <AmountInput
          label="Flow"
          quantity={flow}
          limits={FLOW}
          stored={station.flowLpm}
          onKeep={(flowLpm) => keep({ flowLpm })}
        />
        <AmountInput
          label="Area watered"
          quantity={area}
          limits={AREA}
          stored={station.areaSquareMetres}
          onKeep={(areaSquareMetres) => keep({ areaSquareMetres })}
        />
      </div>
    </div>
  );
}

interface MeterTexts {
  readonly before: string;
  readonly after: string;
  readonly time: string;
  readonly litres: number;
}

function readMeter({ before, after, time, litres }: MeterTexts) {
  const first = readAmount(before, READING);
  const second = readAmount(after, READING);
  const seconds = time === '' ? null : parseLength(time);
  const isBackwards = typeof first === 'number' && typeof second === 'number' && second < first;
  const isTimed = typeof seconds === 'number' && seconds > 0;
  const [a, b] = [amountOf(first), amountOf(second)];
  const flowLpm =
    a !== null && b !== null && !isBackwards && isTimed
      ? flowOfMeter(a * litres, b * litres, seconds)
      : null;
  const isTooMuch = flowLpm !== null && flowLpm > MOST_FLOW_LPM;
  return {
    beforeFault: faultOf(first),
    afterFault: isBackwards
      ? 'A meter does not go back: it must be the first reading or more.'
      : isTooMuch
        ? 'No station flows so fast: are the readings and the unit right?'
        : faultOf(second),
    timeFault: time !== '' && !isTimed ? `${LENGTH_HINT}; more than 0.` : null,
    flowLpm: isTooMuch ? null : flowLpm,
  };
}
