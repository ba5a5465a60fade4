import { clsx } from 'clsx';
import { CheckCircleFilled, CloseOutlined, ForwardOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import {
  nextStep,
  setUpSteps,
  type HomeSoFar,
  type SetUpStep,
  type StepOfHome,
} from '@water-clock/core/set-up';
import { setFields } from '@water-clock/core/yards';
import { App, Button } from 'antd';
import { Link, useLocation, useNavigate } from 'react-router';
import { copiesQuery } from '../api/copies';
import { propertiesKey, setUpHome, timersOfPropertyQuery, type Property } from '../api/properties';
import { sheetsQuery } from '../api/sheets';
import { timersKey, type StoredYard } from '../api/timers';
import { useWrite } from '../api/use-write';
import { todayHere } from '../format/today';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';
import { useTimerSave } from '../offline/use-timer-save';
import { useWaitingCopies } from '../timer-records/use-timer-on-device';
import bar from '../visit/bar.module.css';
import { placeOfStep, STEP_WORDS } from './step-words';
import styles from './set-up-bar.module.css';

interface SetUpBarProps {
  readonly property: Property;
  /** The timer that one is at; undefined: none of them. */
  readonly timerId: string | undefined;
}

/** Leads through setting up a home: what is done, what is next, and what is lost by leaving it out. */
export function SetUpBar({ property, timerId }: SetUpBarProps) {
  const timers = useQuery(timersOfPropertyQuery(property.id, todayHere()));
  const first = timerId ?? timers.data?.[0]?.id;
  if (first !== undefined) return <OfTimer key={first} property={property} timerId={first} />;
  return timers.data ? <Steps property={property} timer={null} /> : null;
}

function OfTimer({ property, timerId }: { property: Property; timerId: string }) {
  const settings = useStoredSettings(timerId, { isToRead: true }).data?.document;
  const yard = useStoredYard(timerId).data;
  const copies = useQuery(copiesQuery(timerId)).data;
  const sheets = useQuery(sheetsQuery(timerId)).data;
  const waiting = useWaitingCopies(timerId);
  if (!settings || !yard || !copies) return null;
  const timer = {
    settings,
    yard: yard.document,
    isRead: waiting.length > 0 || copies.some(({ reason }) => reason !== 'planned'),
    hasSheet: sheets !== undefined && sheets.length > 0,
  };
  return <Steps property={property} timer={timer} timerId={timerId} yard={yard} />;
}

interface StepsProps {
  readonly property: Property;
  readonly timer: HomeSoFar['timer'];
  readonly timerId?: string;
  readonly yard?: StoredYard;
}

function Steps({ property, timer, timerId, yard }: StepsProps) {
  const skipped = property.setUpSkipped ?? [];
  const home = { ...property, timer };
  const steps = setUpSteps(home, skipped);
  const next = nextStep(steps);
  const place = useLocation();
  const navigate = useNavigate();
  const { message, modal } = App.useApp();
  const placeOf = (step: SetUpStep) => placeOfStep(step, property.id, timerId ?? null);
  const changing = useWrite(
    'lead-through',
    (change: Parameters<typeof setUpHome>[1]) => setUpHome(property.id, change),
    { touches: [propertiesKey, timersKey] },
  );
  const yardSave = useTimerSave(timerId ?? '', 'yard');
  /** Whether it is done. */
  const goByTheMinute = async (base: StoredYard): Promise<boolean> => {
    const document = setFields({ school: 'minute' })(base.document);
    const done = await yardSave.write({ base, document });
    const isMet = done !== null && 'theirs' in done.answer;
    if (isMet) void message.warning('Somebody else saved the yard meanwhile: do it again.');
    return done !== null && !isMet;
  };
  const skip = async (step: SetUpStep) => {
    const without = [...skipped, step];
    const done =
      step === 'weather' && yard
        ? await goByTheMinute(yard)
        : (await changing.write({ isLed: true, skipped: without })) !== null;
    const after = nextStep(setUpSteps(home, without));
    // Whoever leaves out what this page is for has no more to do here.
    if (done && after && isAt(place, placeOf(step))) await navigate(placeOf(after));
  };
  const askToSkip = (step: SetUpStep) => {
    const isByMinute = step === 'weather' && yard !== undefined;
    void modal.confirm({
      title: isByMinute ? 'Go by the minute?' : `Leave out “${STEP_WORDS[step].next}”?`,
      content: `${STEP_WORDS[step].without} It can be done at any time.`,
      okText: isByMinute ? 'Go by the minute' : 'Leave it out',
      cancelText: 'Not now',
      onOk: () => skip(step),
    });
  };
  const end = () => void changing.write({ isLed: false, skipped: [] });
  const askToEnd = () =>
    void modal.confirm({
      title: 'Set up this home without the steps?',
      content: 'All that was entered stays. The page of the home brings the steps back.',
      okText: 'Put them away',
      cancelText: 'Keep them',
      onOk: end,
    });
  const isBusy = changing.isWriting || yardSave.isWriting;
  return (
    <nav className={clsx(bar['bar'], styles['set-up'])} aria-label="Setting up this home">
      <ol>
        {steps.map(({ step, state }, index) => (
          <li key={step} data-state={state} aria-current={step === next ? 'step' : undefined}>
            <Link to={placeOf(step)}>
              <Mark state={state} number={index + 1} />
              {STEP_WORDS[step].name}
              <span className="visually-hidden">, {STATE_WORDS[state]}</span>
            </Link>
          </li>
        ))}
      </ol>
      <span className={styles['ways']} data-dock>
        {next ? (
          <>
            <Button disabled={isBusy} onClick={() => askToSkip(next)}>
              {next === 'weather' && yard ? 'By the minute…' : 'Leave out…'}
            </Button>
            {isAt(place, placeOf(next)) ? (
              <span className={styles['here']}>Here: {STEP_WORDS[next].next}</span>
            ) : (
              <Link to={placeOf(next)} className={bar['next']}>
                Next: {STEP_WORDS[next].next}
              </Link>
            )}
          </>
        ) : (
          <Button loading={isBusy} onClick={end}>
            All is set up: put the steps away
          </Button>
        )}
        {next && (
          <Button
            type="text"
            icon={<CloseOutlined />}
            aria-label="Set up without the steps…"
            onClick={askToEnd}
          />
        )}
      </span>
    </nav>
  );
}

const STATE_WORDS: Record<StepOfHome['state'], string> = {
  done: 'done',
  skipped: 'left out',
  open: 'to be done',
};

function Mark({ state, number }: { state: StepOfHome['state']; number: number }) {
  if (state === 'done') return <CheckCircleFilled aria-hidden="true" />;
  if (state === 'skipped') return <ForwardOutlined aria-hidden="true" />;
  return (
    <span className="figures" aria-hidden="true">
      {number}
    </span>
  );
}

/** Whether one is at the place of a step already. */
function isAt({ pathname, search }: { pathname: string; search: string }, place: string): boolean {
  const [path, asked] = place.split('?');
  return path === pathname && (asked === undefined || search.includes(asked));
}
