import { clsx } from 'clsx';
import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import type { KeyInPart, TimerHandling } from '@water-clock/core/timer-types';
import { GENERAL_WORDS } from '@water-clock/core/sheets';
import { Button, Input } from 'antd';
import { useId } from 'react';
import pageStyles from '../ui/page.module.css';
import styles from './handling-questions.module.css';

const PART_NAMES: Readonly<Record<KeyInPart, string>> = {
  clock: 'Clock',
  starts: 'Start times',
  'run-times': 'Run times',
  days: 'Water days',
  percent: 'Season percentage',
  extras: 'The rest: waits, cycle and soak',
};

interface HandlingQuestionsProps {
  readonly handling: TimerHandling;
  readonly onChange: (handling: TimerHandling) => void;
}

/** In which order a kind asks for its settings, and how a household uses it. */
export function HandlingQuestions({ handling, onChange }: HandlingQuestionsProps) {
  const { keyInOrder } = handling;
  const [pauseId, runId] = [useId(), useId()];
  const move = (index: number, by: number) => {
    const order = [...keyInOrder];
    const [part] = order.splice(index, 1);
    order.splice(index + by, 0, part!);
    onChange({ ...handling, keyInOrder: order });
  };
  return (
    <section className={clsx(pageStyles['sheet'], styles['handling'])} aria-labelledby="handling">
      <h2 id="handling">How it is used</h2>
      <p className={pageStyles['soft']}>
        In which order does it ask for its settings? Key in goes by it.
      </p>
      <ol>
        {keyInOrder.map((part, index) => (
          <li key={part}>
            <span>
              {index + 1}. {PART_NAMES[part]}
            </span>
            <Button
              size="small"
              icon={<ArrowUpOutlined />}
              aria-label={`${PART_NAMES[part]}: earlier`}
              disabled={index === 0}
              onClick={() => move(index, -1)}
            />
            <Button
              size="small"
              icon={<ArrowDownOutlined />}
              aria-label={`${PART_NAMES[part]}: later`}
              disabled={index === keyInOrder.length - 1}
              onClick={() => move(index, 1)}
            />
          </li>
        ))}
      </ol>
      <label htmlFor={pauseId}>How a household pauses it for rain</label>
      <Input.TextArea
        id={pauseId}
        maxLength={500}
        autoSize
        placeholder={GENERAL_WORDS.pauseForRain}
        value={handling.pauseForRain}
        onChange={(event) => onChange({ ...handling, pauseForRain: event.target.value })}
      />
      <label htmlFor={runId}>How a household runs one station by hand</label>
      <Input.TextArea
        id={runId}
        maxLength={500}
        autoSize
        placeholder={GENERAL_WORDS.runOneStation}
        value={handling.runOneStation}
        onChange={(event) => onChange({ ...handling, runOneStation: event.target.value })}
      />
    </section>
  );
}
