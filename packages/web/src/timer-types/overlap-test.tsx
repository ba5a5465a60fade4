import { clsx } from 'clsx';
import { OVERLAP_BEHAVIOURS, type OverlapBehaviour } from '@water-clock/core/timer-types';
import { Caution } from '../ui/page';
import { OVERLAP_NAMES } from './type-words';
import styles from './type-questions.module.css';
import { Choice } from '../ui/choice';

interface OverlapTestProps {
  readonly value: OverlapBehaviour;
  readonly onChange: (value: OverlapBehaviour) => void;
}

/** Finds out in five minutes what a timer does with a start that comes too soon. */
export function OverlapTest({ value, onChange }: OverlapTestProps) {
  return (
    <>
      <Choice
        label="A start that comes while another program runs"
        className={clsx(styles['type-choices'])}
        value={value}
        options={OVERLAP_BEHAVIOURS.map((one) => ({ value: one, label: OVERLAP_NAMES[one] }))}
        onChange={onChange}
      />
      <details className={styles['overlap-test']}>
        <summary>Find out in five minutes</summary>
        <ol>
          <li>Write down what is set, or save it as found: the test uses two programs.</li>
          <li>Give program A station 1 for 4 minutes, program B station 2 for 2 minutes.</li>
          <li>Set a start of A two minutes from now, and one of B as soon after it as it takes.</li>
          <li>
            When B&apos;s time has come, look at the yard. Both on: it waters beside the other. Only
            station 2: it cuts the other off. Only station 1: wait until A is done. Then station 2
            comes on: it waits; it stays dry: it is left out.
          </li>
          <li>Put back what was set.</li>
        </ol>
        <Caution>
          Keep people off the wet ground, and never let a pump run against closed valves.
        </Caution>
      </details>
    </>
  );
}
