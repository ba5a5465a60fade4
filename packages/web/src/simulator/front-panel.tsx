import { parseDateTime } from '@water-clock/core/civil-time';
import type { StationSettings } from '@water-clock/core/settings';
import type { KeyInPart } from '@water-clock/core/timer-types';
import { dateAndTime, listInWords, leftInWords } from '@water-clock/core/words';
import { Button, Segmented } from 'antd';
import { clsx } from 'clsx';
import { useEffect, useEffectEvent, useRef, type ReactNode } from 'react';
import type { FrontButton, SimulatorState } from '../api/simulator';
import { useSay } from '../session/use-signed-in';
import { useHeld } from './use-held';
import type { AtFace } from './use-presses';
import pageStyles from '../ui/page.module.css';
import styles from './simulator.module.css';

/** What its face shows. */
export type FaceState = Pick<
  SimulatorState,
  | 'front'
  | 'clock'
  | 'lit'
  | 'open'
  | 'shorted'
  | 'programsAmiss'
  | 'hasPower'
  | 'hasBattery'
  | 'isOff'
  | 'isSensorBypassed'
  | 'rainDelayUntil'
>;

interface FrontPanelProps {
  readonly state: FaceState;
  readonly simulated: AtFace;
  readonly stations: readonly StationSettings[];
}

const PART_NAMES: Readonly<Record<KeyInPart, string>> = {
  clock: 'Clock',
  starts: 'Start times',
  'run-times': 'Run times',
  days: 'Water days',
  percent: 'Season percentage',
  extras: 'The rest',
};

const KEYS: Readonly<Record<string, FrontButton>> = {
  ArrowLeft: 'back',
  ArrowRight: 'forth',
  ArrowUp: 'plus',
  ArrowDown: 'minus',
  n: 'part',
  p: 'program',
};

/** The keys of the front, while nothing else of the page is being typed in or moved. */
function useKeys(press: (button: FrontButton) => void) {
  const face = useRef<HTMLDivElement>(null);
  const take = useEffectEvent((event: KeyboardEvent) => {
    const button = KEYS[event.key];
    const isAtFace =
      event.target === document.body ||
      (event.target instanceof Node && face.current?.contains(event.target));
    if (button === undefined || !isAtFace || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    press(button);
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => take(event);
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return face;
}

type Position = 'run' | 'off' | 'bypass';
const POSITIONS = [
  { value: 'run' as const, label: 'Run' },
  { value: 'bypass' as const, label: 'Run, sensor bypassed' },
  { value: 'off' as const, label: 'Off' },
];

/** The face of the timer: one value at a time, its buttons, its lamps and its switch. */
export function FrontPanel({ state, simulated, stations }: FrontPanelProps) {
  const say = useSay();
  const { front } = state;
  const face = useKeys((button) => void simulated.press(button, 1));
  const turn = (position: Position) =>
    void simulated.command({
      ...{ command: 'switches', isOff: position === 'off', isBypassed: position === 'bypass' },
    });
  const station = stations.find(({ number }) => number === front.station);
  return (
    <section className={pageStyles['sheet']} aria-label="Front">
      <div ref={face} className={styles['face']} role="group" aria-label="Display and buttons">
        {state.hasPower ? (
          <div className={styles['display']} aria-live="polite">
            <span className={styles['display-head']}>
              <span>{PART_NAMES[front.part]}</span>
              <span>{front.isOfProgram ? `Program ${front.program}` : 'Whole timer'}</span>
              <span className="figures">
                {front.place} / {front.of}
              </span>
            </span>
            <span className={styles['display-value']} data-long={front.value.length > 9}>
              {say(front.value)}
            </span>
            <span>
              {front.station !== null && `Station ${front.station} ${station?.name ?? ''}: `}
              {front.what}
            </span>
          </div>
        ) : (
          <div className={styles['display']} data-dark aria-live="polite">
            <span className={styles['display-head']}>
              <span>No power</span>
            </span>
            <span className={styles['display-value']}>–</span>
            <span>{state.hasBattery ? 'Its battery keeps the clock.' : 'Its clock stands.'}</span>
          </div>
        )}
        <div className={styles['buttons']}>
          <Pressed {...{ simulated }} button="back">
            ‹ Back
          </Pressed>
          <Pressed {...{ simulated }} button="minus" label="Minus">
            −
          </Pressed>
          <Pressed {...{ simulated }} button="plus" label="Plus">
            +
          </Pressed>
          <Pressed {...{ simulated }} button="forth">
            Forth ›
          </Pressed>
          <Pressed {...{ simulated }} button="part">
            Next part
          </Pressed>
          <Pressed {...{ simulated }} button="program">
            Program {front.program} ›
          </Pressed>
        </div>
        <p className={clsx(pageStyles['soft'], styles['keys'])}>
          Arrows move and change, N goes to the next part, P to the next program.
        </p>
      </div>
      <p className={styles['waters']} role="status">
        {say(`${dateAndTime(parseDateTime(state.clock)!)}. ${watersWords(state)}`)}
      </p>
      <Lamps {...{ state, stations }} />
      <Segmented<Position>
        aria-label="The switch"
        value={state.isOff ? 'off' : state.isSensorBypassed ? 'bypass' : 'run'}
        options={POSITIONS}
        onChange={turn}
      />
    </section>
  );
}

/** What the timer says that it waters: it does not know whether the valve opens. */
function watersWords({ lit, open, hasPower, isOff, rainDelayUntil }: FaceState): string {
  if (!hasPower) return 'Nothing is under power.';
  if (lit.length === 0) {
    if (isOff) return 'It is off.';
    return rainDelayUntil === null
      ? 'Nothing waters.'
      : `It holds until ${dateAndTime(parseDateTime(rainDelayUntil)!)}.`;
  }
  const words = lit.map((station) => {
    const left = open.find((one) => one.station === station)?.secondsLeft ?? 0;
    return `station ${station}${left > 0 ? `, ${leftInWords(left)} left` : ''}`;
  });
  return `On: ${listInWords(words)}.`;
}

interface PressedProps {
  readonly simulated: AtFace;
  readonly button: FrontButton;
  readonly label?: string;
  readonly children: ReactNode;
}

function Pressed({ simulated, button, label, children }: PressedProps) {
  const held = useHeld((times) => void simulated.press(button, times));
  return (
    <Button size="large" {...held} {...(label !== undefined && { 'aria-label': label })}>
      {children}
    </Button>
  );
}

function Lamps({ state, stations }: Pick<FrontPanelProps, 'state' | 'stations'>) {
  const { lit, shorted, programsAmiss, hasPower } = state;
  const stateOf = (station: number): 'on' | 'short' | 'off' =>
    hasPower && lit.includes(station) ? 'on' : shorted.includes(station) ? 'short' : 'off';
  return (
    <ul className={styles['lamps']} aria-label="Lamps">
      {stations.map(({ number }) => (
        <li key={number} data-state={stateOf(number)}>
          <span aria-hidden="true">{number}</span>
          <span className="visually-hidden">
            Station {number}: {stateOf(number)}
          </span>
        </li>
      ))}
      <li data-kind="words" data-state={programsAmiss.length > 0 ? 'short' : 'off'}>
        Program{programsAmiss.length > 0 ? `: ${programsAmiss.join(', ')}` : ': fine'}
      </li>
      <li data-kind="words" data-state={shorted.length > 0 ? 'short' : 'off'}>
        Wiring{shorted.length > 0 ? `: ${shorted.join(', ')}` : ': fine'}
      </li>
    </ul>
  );
}
