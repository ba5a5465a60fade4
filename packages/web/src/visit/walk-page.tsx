import { clsx } from 'clsx';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { formatDateTime } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { FAULT_NAMES } from '@water-clock/core/visits';
import { App, Button, Segmented, Tag } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { usePlace } from '../ui/use-place';
import { troubleInWords } from '../api/client';
import { useWrite } from '../api/use-write';
import {
  commandSimulator,
  connectSimulator,
  readSimulator,
  simulatorQuery,
  type SimulatorCommand,
  type SimulatorState,
} from '../api/simulator';
import type { Timer } from '../api/timers';
import { PhotoStrip } from '../photos/photo-strip';
import { Caution, Foot } from '../ui/page';
import { oncePressed } from '../ui/once-pressed';
import { nowIn } from '../format/now-in';
import { stepPlace } from './step-places';
import { useCountdown } from './use-countdown';
import { VisitFrame, type VisitHere } from './visit-frame';
import { RunOffToYard } from './run-off-to-yard';
import { StationForm } from './station-form';
import pageStyles from '../ui/page.module.css';
import bigStepStyles from './big-step.module.css';
import styles from './walk-page.module.css';

/** Every station is seen running: fine, or what is wrong with it. */
export function WalkPage() {
  return <VisitFrame title="Walk">{(here) => <Walk {...here} />}</VisitFrame>;
}

const CHOICES_MINUTES = [1, 2, 3, 5];
/** What runs; else a program's letter. */
const [ONE, ALL] = ['one', 'all'];

/** The stations that a test run of a program, or of all, turns on one after the other. */
function runBy(what: string, plan: Plan, stations: Plan['stations']): readonly number[] {
  const all = stations.map(({ number }) => number);
  if (what === ALL) return all;
  const runs = plan.programs.find(({ id }) => id === what)?.runs ?? [];
  return runs
    .filter(({ station, seconds }) => seconds > 0 && all.includes(station))
    .map(({ station }) => station);
}

function Walk({ open, timer, inTimer: { plan } }: VisitHere) {
  const stations = plan.stations.filter(({ enabled }) => enabled);
  const [search, goTo] = usePlace();
  const [minutes, setMinutes] = useState(2);
  const seen = open.visit.stations;
  const asked = Number(search.get('station'));
  const station =
    stations.find(({ number }) => number === asked) ??
    stations.find(({ number }) => !seen.has(number)) ??
    stations[0];
  const simulator = useSimulator(timer, plan);
  const countdown = useCountdown(`walk ${open.timerId}`, (number, seconds) =>
    simulator.command({ command: 'run-station', station: number, seconds }),
  );
  const [what, setWhat] = useState(ONE);
  const navigate = useNavigate();
  if (!station) return <p className={pageStyles['soft']}>No station is wired: see the yard.</p>;

  const go = (number: number) => goTo({ station: String(number) });
  const start = (number: number, then: readonly number[] = []) => {
    countdown.start(number, minutes * 60, then);
    go(number);
    simulator.command({ command: 'run-station', station: number, seconds: minutes * 60 });
  };
  const stop = () => {
    countdown.stop();
    simulator.command({ command: 'stop' });
  };
  const turnOn = () => {
    const [first, ...rest] = runBy(what, plan, stations);
    if (what === ONE || first === undefined) start(station.number);
    else start(first, rest);
  };
  const after = stations[stations.indexOf(station) + 1];
  const isSeen = stations.every(({ number }) => seen.has(number));
  const isOn = countdown.station === station.number && countdown.secondsLeft > 0;
  return (
    <div className={clsx(bigStepStyles['big-step'])}>
      <Caution>
        Wet paths are slippery. Power off before you touch a wire; the mains side is for a licensed
        electrician. Never run the pump against closed valves.
      </Caution>
      <div className={bigStepStyles['big-card']} data-station={station.number}>
        <span className={bigStepStyles['big-place']}>
          Station {station.number} {station.name}
        </span>
        <span
          className={clsx(bigStepStyles['big-value'], 'figures')}
          role="timer"
          aria-label="Time left"
        >
          {isOn ? minutesAndSeconds(countdown.secondsLeft) : 'off'}
        </span>
        <span className={pageStyles['soft']}>
          {countdown.station !== null && !isOn && countdown.station !== station.number ? (
            <>
              Station {countdown.station} is on.{' '}
              <Button size="small" onClick={() => go(countdown.station!)}>
                Go to it
              </Button>
            </>
          ) : (
            simulator.words(station.number, isOn)
          )}
          {countdown.then.length > 0 && ` Then by itself: ${countdown.then.join(', ')}.`}
        </span>
      </div>
      <Segmented
        block
        aria-label="How long each station is on"
        value={minutes}
        options={CHOICES_MINUTES.map((value) => ({ value, label: `${value} min` }))}
        onChange={setMinutes}
      />
      <Segmented
        block
        aria-label="What runs: this station, a program, or all"
        value={what}
        options={[
          { value: ONE, label: 'One', title: 'This station' },
          ...plan.programs
            .filter(({ runs }) => runs.length > 0)
            .map(({ id }) => ({ value: id, label: id, title: `Program ${id}` })),
          { value: ALL, label: 'All', title: 'All stations' },
        ]}
        onChange={setWhat}
      />
      <div className={styles['walk-controls']}>
        {isOn ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button type={isSeen ? 'default' : 'primary'} onClick={turnOn}>
            {simulator.isThere ? 'Turn it on' : 'It is on'}
          </Button>
        )}
        <Button
          disabled={!after}
          onClick={() =>
            after &&
            start(
              after.number,
              countdown.then.filter((one) => one !== after.number),
            )
          }
        >
          Next on{after ? `: ${after.number}` : ''}
        </Button>
      </div>
      <StationForm
        key={station.number}
        {...{ open, station, plan, isOn }}
        isTwoWire={timer.handling.wiring === 'two-wire'}
        readOhms={simulator.isThere ? simulator.readOhms : null}
        readFlow={simulator.readFlow}
        onSaved={() => {
          if (countdown.station === station.number) stop();
          if (after) go(after.number);
        }}
      />
      <PhotoStrip
        propertyId={timer.property.id}
        label={`Photos of station ${station.number}`}
        isShown={(photo) => photo.timerId === timer.id && photo.document.station === station.number}
        of={{ timerId: timer.id, about: 'head', station: station.number, visitId: open.id }}
        words={`Photo of station ${station.number}`}
      />
      <ol className={styles['walk-stations']} aria-label="Stations">
        {stations.map(({ number, name }) => {
          const statement = seen.get(number)?.latest.entry;
          const state = !statement ? 'open' : statement.faults.length > 0 ? 'fault' : 'fine';
          return (
            <li key={number}>
              <Button
                type={number === station.number ? 'default' : 'text'}
                aria-current={number === station.number}
                onClick={() => go(number)}
              >
                {number} {name}
              </Button>
              <Tag color={state === 'fault' ? 'error' : 'default'}>
                {statement?.faults.map((fault) => FAULT_NAMES[fault]).join(', ') || state}
              </Tag>
            </li>
          );
        })}
      </ol>
      <RunOffToYard open={open} />
      {isSeen && (
        <Foot>
          <Button
            type="primary"
            className={clsx(bigStepStyles['big-tap'])}
            onClick={oncePressed(
              () =>
                void open
                  .add({ kind: 'step', step: 'walk', state: 'done' }, 'Walk: done')
                  .then(() => navigate(stepPlace('leave', open.timerId))),
            )}
          >
            All stations are seen: leave
          </Button>
        </Foot>
      )}
      <p className={pageStyles['way']}>
        <Link to={`/timers/${open.timerId}/visit/circuits`}>
          Check the circuits, or note what is broken of the timer
        </Link>
      </p>
      <InPlaceOfIt timerId={open.timerId} {...simulator} />
    </div>
  );
}

interface InPlaceOfItProps {
  readonly timerId: string;
  readonly isThere: boolean;
  readonly hangUp: () => Promise<void>;
}

function InPlaceOfIt({ timerId, isThere, hangUp }: InPlaceOfItProps) {
  return isThere ? (
    <p className={pageStyles['way']}>
      <Link to={`/timers/${timerId}/simulated`}>The front of the simulated timer</Link>
    </p>
  ) : (
    <p className={pageStyles['soft']}>
      No timer at hand?{' '}
      <Button size="small" onClick={() => void hangUp()}>
        Use a simulated one
      </Button>
    </p>
  );
}

/** A simulated timer in place of the one on the wall, where one hangs. */
function useSimulator(timer: Timer, plan: Plan) {
  const { id: timerId, handling } = timer;
  const timeZone = timer.property.timeZone ?? undefined;
  const client = useQueryClient();
  const { message } = App.useApp();
  const query = simulatorQuery(timerId);
  const { data } = useQuery(query);
  const commanding = useWrite('command-simulator', (command: SimulatorCommand) =>
    commandSimulator(timerId, command),
  );
  const connecting = useWrite('connect-simulator', () =>
    connectSimulator(timerId, formatDateTime(nowIn(timeZone, new Date())), plan, handling),
  );
  const take = (done: { readonly answer: SimulatorState } | null) => {
    if (done) client.setQueryData(query.queryKey, done.answer);
  };
  return {
    isThere: Boolean(data),
    words: (station: number, isOn: boolean) => {
      if (!data) return isOn ? 'Counted by this device.' : 'Turn it on at the timer.';
      const own = data.open.find((one) => one.station === station);
      return own
        ? `The simulated timer waters: ${minutesAndSeconds(own.secondsLeft)}.`
        : 'The simulated timer rests.';
    },
    command: (command: SimulatorCommand) => {
      if (data) void commanding.write(command).then(take);
    },
    hangUp: async () => take(await connecting.write()),
    readFlow: data ? () => data.flowLpm : null,
    readOhms: async (station: number): Promise<number | null | undefined> => {
      try {
        return (await readSimulator(timerId, station)).ohms;
      } catch (error) {
        void message.error(troubleInWords(error));
        return undefined;
      }
    },
  };
}

const minutesAndSeconds = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
