import { clsx } from 'clsx';
import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import { keysOf } from '@water-clock/core/kernel';
import {
  INTERVAL_QUESTIONS,
  MOST_HOLD_DAYS,
  WIRINGS,
  type IntervalQuestion,
  type KeyInPart,
  type TimerHandling,
  type WiringKind,
} from '@water-clock/core/timer-types';
import { EN } from '@water-clock/core/household-words';
import { Button, Checkbox, Input } from 'antd';
import { Choice } from '../ui/choice';
import { NumberInput } from '../ui/number-input';
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

const ASKED: Readonly<Record<IntervalQuestion, string>> = {
  'first-day': 'a first day',
  'next-day': 'the next day it waters',
  'days-left': 'the days left until it waters',
};

const WIRED: Readonly<Record<WiringKind, string>> = {
  'valve-wires': 'a wire for each',
  'two-wire': 'two wires for all, a unit at each valve',
};

/** What is done with the hands, to be read out by telephone. */
const IN_WORDS = {
  pauseForRain: 'How a household stops it for rain',
  runOneStation: 'How a household runs one station by hand',
  storeCopy: 'How its settings are stored in its own memory',
  bringBackCopy: 'How they are brought back from it',
  factoryReset: 'How it is set as it left the factory',
} as const;

const NOT_WRITTEN = 'Nobody has written it down. What is pressed, in order.';
const PLACEHOLDERS: Readonly<Record<keyof typeof IN_WORDS, string>> = {
  ...{ pauseForRain: EN.messages.pauseForRain, runOneStation: EN.messages.runOneStation },
  ...{ storeCopy: NOT_WRITTEN, bringBackCopy: NOT_WRITTEN, factoryReset: NOT_WRITTEN },
};

interface HandlingQuestionsProps {
  readonly handling: TimerHandling;
  readonly onChange: (handling: TimerHandling) => void;
}

/** In which order a kind asks for its settings, and how a household uses it. */
export function HandlingQuestions({ handling, onChange }: HandlingQuestionsProps) {
  const { keyInOrder } = handling;
  const move = (index: number, by: number) => {
    const order = [...keyInOrder];
    const [part] = order.splice(index, 1);
    order.splice(index + by, 0, part!);
    onChange({ ...handling, keyInOrder: order });
  };
  return (
    <details className={clsx(pageStyles['sheet'], styles['handling-sheet'])}>
      <summary>How it is wired and used: order of its settings, holds, its own memory</summary>
      <section className={styles['handling']} aria-label="How it is used">
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
        <span>How its valves are wired</span>
        <Choice
          label="How its valves are wired"
          value={handling.wiring}
          options={WIRINGS.map((value) => ({ value, label: WIRED[value] }))}
          onChange={(wiring) => onChange({ ...handling, wiring })}
        />
        <span>What it asks for where it counts days</span>
        <Choice
          label="What it asks for where it counts days"
          value={handling.intervalAskedAs}
          options={INTERVAL_QUESTIONS.map((value) => ({ value, label: ASKED[value] }))}
          onChange={(intervalAskedAs) => onChange({ ...handling, intervalAskedAs })}
        />
        <label>
          The longest hold it takes, in days; 0: it has none{' '}
          <NumberInput
            label="The longest hold it takes, in days"
            least={0}
            most={MOST_HOLD_DAYS}
            isWhole
            width={80}
            value={handling.longestHoldDays}
            onChange={(longestHoldDays) => onChange({ ...handling, longestHoldDays })}
          />
        </label>
        <Checkbox
          checked={handling.setsSummerTime}
          onChange={(event) => onChange({ ...handling, setsSummerTime: event.target.checked })}
        >
          Puts its clock to summer time, and back, by itself
        </Checkbox>
        {keysOf(IN_WORDS).map((field) => (
          <label key={field} className={styles['handling-words']}>
            {IN_WORDS[field]}
            <Input.TextArea
              aria-label={IN_WORDS[field]}
              maxLength={500}
              autoSize
              placeholder={PLACEHOLDERS[field]}
              value={handling[field]}
              onChange={(event) => onChange({ ...handling, [field]: event.target.value })}
            />
          </label>
        ))}
      </section>
    </details>
  );
}
