import { clsx } from 'clsx';
import { CheckOutlined } from '@ant-design/icons';
import { changeSentences } from '@water-clock/core/compare';
import {
  isSameValue,
  askedWords,
  withShown,
  type KeyInStep,
  type KeyInValue,
} from '@water-clock/core/key-in';
import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { isKeyedIn, tickEntries, toKeyIn } from '@water-clock/core/visits';
import { counted } from '@water-clock/core/words';
import { App, Button, Progress, Segmented } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { todayHere } from '../format/today';
import type { Timer } from '../api/timers';
import { usePlace } from '../ui/use-place';
import { useSay } from '../session/use-signed-in';
import { stepPlace } from './step-places';
import { AfterReset } from './after-reset';
import { TrueTime } from './true-time';
import { useSaveCopy } from './use-save-copy';
import type { OpenVisit } from '../timer-records/use-visit';
import { ValueInput } from '../desk/extras/value-input';
import { VisitFrame, type VisitHere } from './visit-frame';
import { oncePressed } from '../ui/once-pressed';
import styles from './big-step.module.css';
import pageStyles from '../ui/page.module.css';

/** Settings are keyed in, one large value at a time, and then read back. */
export function KeyInPage() {
  return <VisitFrame title="Key in">{(here) => <KeyIn {...here} />}</VisitFrame>;
}

type Words = (value: KeyInStep['value']) => string;

/** Values as this timer type asks for them today, on the person's clock. */
function useAskedWords({ handling }: Timer, today: DayNumber): Words {
  const say = useSay();
  return (value) => say(value ? askedWords(value, handling.intervalAskedAs, today) : 'true time');
}

/** What stands there now, where that is known and is something else. */
function beforeWords({ before, value }: KeyInStep, words: Words): string {
  if (!before || !value) return '\u00a0';
  return isSameValue(before, value) ? 'as it is now' : `now ${words(before)}`;
}

/** Where a value goes: "Program A · station 3 Side lawn". */
function placeOf({ program, station }: KeyInStep, { stations }: Plan): string {
  const name = stations.find(({ number }) => number === station)?.name ?? '';
  return [
    ...(program === null ? [] : [`Program ${program}`]),
    ...(station === null ? [] : [`station ${station} ${name}`.trim()]),
  ].join(' · ');
}

function KeyIn({ open, timer, target, reading, timeZone }: VisitHere) {
  const order = timer.handling.keyInOrder;
  const today = parseDate(todayHere())!;
  const [search, go] = usePlace();
  const isWhole = search.get('all') === 'yes' || reading === null;
  const isReading = search.get('read-back') === 'yes';
  const steps = useMemo(
    () => toKeyIn({ visit: open.visit, target, reading, order, isWhole, today }),
    [open.visit, target, reading, order, isWhole, today],
  );
  return (
    <div className={styles['big-step']}>
      {!isReading && (
        <Segmented
          block
          aria-label="What is keyed in"
          value={isWhole ? 'all' : 'differs'}
          disabled={reading === null}
          options={[
            { value: 'differs', label: 'What differs' },
            { value: 'all', label: 'Everything' },
          ]}
          onChange={(value) => go({ all: value === 'all' ? 'yes' : undefined })}
        />
      )}
      {reading === null && !isReading && (
        <p className={pageStyles['soft']}>
          Nobody knows what is in this timer: everything is keyed in.
        </p>
      )}
      {isReading ? (
        <ReadBack
          {...{ open, timer, target, steps, today }}
          onBack={() => go({ 'read-back': undefined })}
        />
      ) : (
        <OneByOne
          key={String(isWhole)}
          {...{ open, timer, target, steps, timeZone, today }}
          onDone={() => go({ 'read-back': 'yes' })}
        />
      )}
      {!isReading && <AfterReset {...{ timer, target }} />}
    </div>
  );
}

interface KeyedInProps {
  readonly open: OpenVisit;
  readonly timer: Timer;
  readonly target: Plan;
  readonly today: DayNumber;
}

interface OneByOneProps extends KeyedInProps {
  readonly steps: readonly KeyInStep[];
  readonly timeZone: string | undefined;
  readonly onDone: () => void;
}

function OneByOne(props: OneByOneProps) {
  const { open, timer, target, today, steps, timeZone, onDone } = props;
  const wordsOf = useAskedWords(timer, today);
  const isTicked = (step: KeyInStep) => isKeyedIn(open.visit, step);
  const first = steps.findIndex((step) => !isTicked(step));
  const [chosen, setChosen] = useState<number | null>(null);
  const at = chosen ?? (first < 0 ? steps.length : first);
  const step = steps[at];
  const done = steps.filter(isTicked).length;

  const tick = (one: KeyInStep, isIn: boolean) =>
    open.addAll(
      tickEntries(open.visit, one, isIn),
      `${placeOf(one, target)} ${one.what}: ${wordsOf(one.value)}`.trim(),
    );
  const keyIn = () => {
    if (!step) return;
    setChosen(at + 1);
    // What the device could not keep is not keyed in: back to it.
    if (!isTicked(step)) void tick(step, true).then((isKept) => isKept || setChosen(at));
  };
  const back = () => setChosen(Math.max(0, at - 1));
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const focused = event.target instanceof Element ? event.target : null;
      if (focused?.closest('input') || event.ctrlKey || event.metaKey || event.altKey) return;
      // What has the focus is pressed, or opened, by the space bar itself.
      if (event.key === ' ' && !focused?.closest('button, summary')) {
        event.preventDefault();
        keyIn();
      }
      if (event.key === 'Backspace' || event.key === 'ArrowLeft') back();
      if (event.key === 'ArrowRight') setChosen(Math.min(steps.length, at + 1));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  return (
    <>
      <Progress
        percent={Math.round((100 * done) / Math.max(1, steps.length))}
        format={() => `${done} of ${steps.length}`}
        aria-label="How much is keyed in"
      />
      {step ? (
        <div className={styles['big-card']} aria-live="polite" data-key={step.key}>
          <span className={styles['big-place']}>{placeOf(step, target) || 'The timer'}</span>
          <span>{step.what}</span>
          {step.value ? (
            <span
              className={clsx(styles['big-value'], 'figures')}
              data-long={wordsOf(step.value).length > 9}
            >
              {wordsOf(step.value)}
            </span>
          ) : (
            <TrueTime timeZone={timeZone} />
          )}
          <span className={pageStyles['soft']}>
            {beforeWords(step, wordsOf)}
            {isTicked(step) && ' · keyed in'}
          </span>
        </div>
      ) : (
        <div className={styles['big-card']} data-key="end">
          <span className={styles['big-place']}>Everything is keyed in</span>
          <span>Now look through the display once more, and read it back.</span>
        </div>
      )}
      <div className={styles['big-bar']}>
        <Button disabled={at === 0} onClick={back}>
          Back
        </Button>
        {step ? (
          <Button type="primary" icon={<CheckOutlined />} onClick={oncePressed(keyIn)}>
            Keyed in
          </Button>
        ) : (
          <Button type="primary" onClick={oncePressed(onDone)}>
            Read back
          </Button>
        )}
      </div>
      <details>
        <summary>The whole list, {counted(steps.length, 'value')}</summary>
        <ol className={styles['key-in-list']}>
          {steps.map((one, index) => (
            <li key={one.key} aria-current={index === at ? 'step' : undefined}>
              <Button
                type="text"
                style={{ justifyContent: 'start' }}
                onClick={() => setChosen(index)}
              >
                {placeOf(one, target)} {one.what}
              </Button>
              <span className="figures">{wordsOf(one.value)}</span>
              <Button
                size="small"
                aria-pressed={isTicked(one)}
                aria-label={`${placeOf(one, target)} ${one.what}: ${isTicked(one) ? 'not keyed in after all' : 'keyed in'}`}
                onClick={() => void tick(one, !isTicked(one))}
              >
                <span aria-hidden="true">{isTicked(one) ? '✓' : '–'}</span>
              </Button>
            </li>
          ))}
        </ol>
      </details>
    </>
  );
}

interface ReadBackProps extends KeyedInProps {
  readonly steps: readonly KeyInStep[];
  readonly onBack: () => void;
}

/** What the display shows, confirmed or typed where it differs; saved as what is truly in the timer. */
function ReadBack({ open, timer, target, today, steps, onBack }: ReadBackProps) {
  const say = useSay();
  const wordsOf = useAskedWords(timer, today);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const saving = useSaveCopy(open.timerId, 'left');
  const [shown, setShown] = useState<ReadonlyMap<string, KeyInValue>>(new Map());
  // The percentage was 100 % for a while; what counts is what stands there now.
  const values = steps.filter(({ value, isForNow }) => value !== null && !isForNow);
  const truly = withShown(target, shown);
  const sentences = changeSentences(target, truly);
  const change = (key: string, value: KeyInValue | null) => {
    const next = new Map(shown);
    if (value) next.set(key, value);
    else next.delete(key);
    setShown(next);
  };
  const save = async () => {
    const done = await saving.write({ document: truly });
    if (!done) return;
    await open.add({ kind: 'step', step: 'key-in', state: 'done' }, 'Key in: done');
    void (done.answer
      ? message.success('Saved as left.')
      : message.info('As left: on this device, waiting to be sent.'));
    await navigate(stepPlace('walk', open.timerId));
  };
  return (
    <>
      <p>Go through the display. Where it shows something else, say what.</p>
      <ol className={styles['key-in-list']} aria-label="What the display shows">
        {values.map((step) => {
          const differs = shown.get(step.key);
          const name = `${placeOf(step, target)} ${step.what}`.trim();
          return (
            <li key={step.key} data-key={step.key}>
              <span>{name}</span>
              <span className="figures">{wordsOf(step.value)}</span>
              <Button
                aria-label={`${differs ? 'As keyed in' : 'Differs…'}: ${name}`}
                onClick={() => change(step.key, differs ? null : step.value)}
              >
                {differs ? 'As keyed in' : 'Differs…'}
              </Button>
              {differs && (
                <span className={styles['key-in-edit']}>
                  <ValueInput
                    label={`${name}, as shown`}
                    value={differs}
                    plan={target}
                    longestHoldDays={timer.handling.longestHoldDays}
                    hasFocus
                    onChange={(value) => change(step.key, value)}
                  />
                </span>
              )}
            </li>
          );
        })}
      </ol>
      {values.length === 0 && <p className={pageStyles['soft']}>Nothing was to be keyed in.</p>}
      {sentences.length > 0 && (
        <section className={pageStyles['sheet']} aria-label="What differs from the plan">
          <h2>In the timer, otherwise than planned</h2>
          <ul>
            {sentences.map((sentence) => (
              <li key={sentence}>{say(sentence)}</li>
            ))}
          </ul>
          <p className={pageStyles['soft']}>
            Saved as it is in the timer. Key it in again, or change the plan on the desk.
          </p>
        </section>
      )}
      <div className={styles['big-bar']}>
        <Button onClick={onBack}>Back</Button>
        <Button type="primary" loading={saving.isWriting} onClick={() => void save()}>
          {sentences.length > 0 ? 'Save what it shows' : 'It shows all of this'}
        </Button>
      </div>
    </>
  );
}
