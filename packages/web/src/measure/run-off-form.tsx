import { lengthInWords } from '@water-clock/core/words';
import { clsx } from 'clsx';
import type { YardStation } from '@water-clock/core/yards';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { Caution } from '../ui/page';
import { LENGTH_HINT, parseLength } from '../format/lengths';
import { setStation, type YardEdit } from '@water-clock/core/yards';
import { BigInput } from './big-input';
import { useStopwatch } from './use-stopwatch';
import styles from './measure-page.module.css';
import pageStyles from '../ui/page.module.css';

interface RunOffFormProps {
  readonly timerId: string;
  readonly station: YardStation;
  readonly edit: (edit: YardEdit, key?: string) => void;
}

/** How long the ground takes water: a stopwatch from valve to puddle. */
export function RunOffForm({ timerId, station, edit }: RunOffFormProps) {
  const watch = useStopwatch(`run-off ${timerId} ${station.number}`);
  const [typed, setTyped] = useState('');
  const { runoffSeconds } = station;
  const read = typed === '' ? null : parseLength(typed);
  const isNonsense = typed !== '' && (read === undefined || read === 0);
  const before = useRef(runoffSeconds);
  const keep = (seconds: number | undefined, key?: string) =>
    edit(setStation(station.number, { runoffSeconds: seconds }), key);

  return (
    <div className={styles['measure-form']}>
      <p className={pageStyles['soft']}>
        Start as the station comes on. Tap again when water stands or runs: that is the longest it
        may run at once.
      </p>
      <div className={clsx(styles['measure-watch'], 'figures')} role="timer" aria-label="Time on">
        {lengthInWords(watch.isRunning ? watch.seconds : (runoffSeconds ?? 0))}
      </div>
      {watch.isRunning ? (
        <>
          <Button
            className={clsx(styles['measure-tap'])}
            type="primary"
            disabled={watch.seconds === 0}
            onClick={() => keep(watch.stop())}
          >
            Water stands or runs
          </Button>
          <Button size="large" onClick={() => watch.stop()}>
            Stop without a reading
          </Button>
        </>
      ) : (
        <>
          <Button className={clsx(styles['measure-tap'])} type="primary" onClick={watch.start}>
            {runoffSeconds ? 'The station is on: time it again' : 'The station is on: start'}
          </Button>
          <BigInput
            label="or type it, minutes (6 or 4m30)"
            keys="length"
            value={typed}
            fault={isNonsense ? `${LENGTH_HINT}; more than 0.` : null}
            onFocus={() => (before.current = runoffSeconds)}
            onType={(text) => {
              setTyped(text);
              // Nonsense, and what was read on the way to it, changes nothing.
              keep(parseLength(text) || before.current, `run-off ${station.number}`);
            }}
          />
          {runoffSeconds !== undefined && (
            <Button
              size="large"
              onClick={() => {
                setTyped('');
                keep(undefined);
              }}
            >
              It did not run off: forget the time
            </Button>
          )}
        </>
      )}
      <Caution>Wet paths are slippery, and freeze. Keep people off them while you time.</Caution>
    </div>
  );
}
