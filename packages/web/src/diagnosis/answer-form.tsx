import {
  addSeconds,
  dayOf,
  formatDateTime,
  parseTimeOfDay,
  secondOfDay,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { Answer } from '@water-clock/core/diagnosis';
import type { Fault } from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import { judgeReading, VERDICT_NAMES } from '@water-clock/core/visits';
import { Button } from 'antd';
import { useState } from 'react';
import { useClock, useDayOrder, useSignedIn } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import { TimeInput } from '../ui/time-input';
import styles from './diagnosis.module.css';

interface AnswerFormProps {
  readonly fault: Fault;
  readonly plan: Plan;
  readonly target: { readonly station?: number; readonly program?: string };
  /** What a right clock shows. */
  readonly now: () => TimerSeconds;
  readonly onAnswer: (answer: Answer) => void;
}

/** What was found by looking: a clock and a percentage are read, a coil is measured, the rest is so or is not. */
export function AnswerForm({ fault, plan, target, now, onAnswer }: AnswerFormProps) {
  if (fault.code === 'clock')
    return <ClockRead now={now} offSeconds={fault.offSeconds} onAnswer={onAnswer} />;
  if (fault.code === 'percent') return <PercentRead plan={plan} onAnswer={onAnswer} />;
  const { code } = fault;
  const answer = (isSo: boolean) => onAnswer({ of: code, ...target, isSo });
  return (
    <div className={styles['answers']} role="group" aria-label="What was found">
      <Button onClick={() => answer(true)}>It is so</Button>
      <Button onClick={() => answer(false)}>It is not so</Button>
      {code === 'station-dead' && (
        <Ohms power={plan.timer.power} onRead={(isBroken) => answer(isBroken)} />
      )}
    </div>
  );
}

const A_MINUTE = 60;

interface ClockReadProps {
  readonly now: () => TimerSeconds;
  readonly offSeconds: number;
  readonly onAnswer: (answer: Answer) => void;
}

/** What the timer shows at this moment, against true time. */
function ClockRead({ now, offSeconds, onAnswer }: ClockReadProps) {
  const clock = useClock();
  const order = useDayOrder();
  // As the cause has it: where it is so, nothing is to be typed.
  const [reads, setReads] = useState<TimerSeconds>(() => addSeconds(now(), offSeconds));
  const ofDay = Math.floor(secondOfDay(reads) / A_MINUTE) * A_MINUTE;
  const put = (day: ReturnType<typeof dayOf>, second: number) =>
    setReads(addSeconds(startOfDay(day), second));
  return (
    <div className={styles['answers']} role="group" aria-label="What the clock shows">
      <Field label="The timer shows, date">
        {(id) => (
          <DateField {...{ id, order }} day={dayOf(reads)} onChange={(day) => put(day, ofDay)} />
        )}
      </Field>
      <Field label="and time">
        {(id) => (
          <TimeInput
            {...{ id, clock }}
            value={formatDateTime(reads).slice(11, 16)}
            isNeeded
            onChange={(time) => put(dayOf(reads), (parseTimeOfDay(time) ?? 0) * A_MINUTE)}
          />
        )}
      </Field>
      <Button
        onClick={() => {
          const off = Math.round((reads - now()) / A_MINUTE) * A_MINUTE;
          onAnswer({ of: 'clock', offSeconds: off });
        }}
      >
        It shows that now
      </Button>
      <Button onClick={() => onAnswer({ of: 'clock', offSeconds: 0 })}>The clock is right</Button>
    </div>
  );
}

const MOST_PERCENT = 500;

function PercentRead({ plan, onAnswer }: Pick<AnswerFormProps, 'plan' | 'onAnswer'>) {
  const { season } = plan.controller;
  const [percent, setPercent] = useState<number | null>(null);
  return (
    <div className={styles['answers']} role="group" aria-label="What percentage it shows">
      <Field label="Percentage on the timer">
        {(id) => (
          <NumberInput
            {...{ id }}
            value={percent}
            least={0}
            most={MOST_PERCENT}
            isWhole
            suffix="%"
            onChange={setPercent}
            onEmpty={() => setPercent(null)}
          />
        )}
      </Field>
      <Button
        disabled={percent === null}
        onClick={() => percent !== null && onAnswer({ of: 'percent', percent })}
      >
        It shows that
      </Button>
      {season.mode === 'whole' && (
        <Button onClick={() => onAnswer({ of: 'percent', percent: season.percent })}>
          It shows {season.percent} %
        </Button>
      )}
    </div>
  );
}

interface OhmsProps {
  readonly power: 'mains' | 'battery';
  readonly onRead: (isBroken: boolean) => void;
}

const BEYOND = 1e9;

/** A coil that is measured: open or short, it is so. */
function Ohms({ power, onRead }: OhmsProps) {
  const { coilLimits } = useSignedIn().firm;
  const [ohms, setOhms] = useState<number | null>(null);
  const verdict = ohms === null ? null : judgeReading({ ohms }, power, coilLimits);
  return (
    <>
      <Field label="Or its coil" hint={verdict ? VERDICT_NAMES[verdict] : undefined}>
        {(id) => (
          <NumberInput
            {...{ id }}
            value={ohms}
            least={0}
            most={BEYOND}
            suffix="Ω"
            onChange={setOhms}
            onEmpty={() => setOhms(null)}
          />
        )}
      </Field>
      <Button
        disabled={verdict === null}
        onClick={() => verdict && onRead(verdict === 'open' || verdict === 'short')}
      >
        It measures that
      </Button>
    </>
  );
}
