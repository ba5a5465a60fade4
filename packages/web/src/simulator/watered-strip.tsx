import {
  addSeconds,
  dayOf,
  formatDateTime,
  parseDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { readSeen, SEEN_FORMAT } from '@water-clock/core/diagnosis';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { simulatorLogPath, type SimulatorState } from '../api/simulator';
import { useCauses } from '../computing/use-causes';
import { useSay } from '../session/use-signed-in';
import { useElementSize } from '../ui/use-element-size';
import pageStyles from '../ui/page.module.css';
import styles from './simulator.module.css';

interface WateredStripProps {
  readonly state: SimulatorState;
  readonly timerId: string;
  /** What is wanted. */
  readonly plan: Plan;
}

const LABEL = 74;
const ROW = 22;
const TOP = 20;
const HOURS = 6;

interface Water {
  readonly station: number;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

const NO_ANSWERS: readonly never[] = [];

/** What it watered in the last 24 hours of its clock, beside what the settings on the desk ask for. */
export function WateredStrip({ state, timerId, plan }: WateredStripProps) {
  const say = useSay();
  const [ref, { width }] = useElementSize<HTMLDivElement>();
  const now = parseDateTime(state.clock)!;
  const from = addSeconds(now, -SECONDS_PER_DAY);
  const [first, end] = [
    startOfDay(dayOf(from)),
    addSeconds(startOfDay(dayOf(now)), SECONDS_PER_DAY),
  ];
  // What is asked anew begins a thread: the same plan on every look at the timer.
  const asking = useMemo(() => rightClock(plan), [plan]);
  const { answer } = useCauses(asking, useWatch(first, end), NO_ANSWERS);
  const asked = answer?.found?.asSet ?? [];
  const watered = state.watered.map((one): Water => ({
    station: one.station,
    from: parseDateTime(one.from)!,
    to: parseDateTime(one.to)!,
  }));
  const x = (at: TimerSeconds) =>
    LABEL + (Math.max(0, Math.min(SECONDS_PER_DAY, at - from)) / SECONDS_PER_DAY) * (width - LABEL);
  const rows: readonly { readonly name: string; readonly water: readonly Water[] }[] = [
    { name: 'watered', water: watered },
    { name: 'asked for', water: asked },
  ];
  const ticks = ticksFrom(from);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="watered">
      <h2 id="watered">The last 24 hours</h2>
      <div ref={ref}>
        {width > LABEL && (
          <svg
            className={styles['strip']}
            width={width}
            height={TOP + rows.length * ROW}
            role="img"
            aria-label={say(stripWords(watered))}
          >
            {ticks.map((tick) => (
              <g key={tick}>
                <line x1={x(tick)} x2={x(tick)} y1={TOP - 4} y2={TOP + rows.length * ROW} />
                <text x={x(tick) + 3} y={12}>
                  {say(formatDateTime(tick).slice(11, 16))}
                </text>
              </g>
            ))}
            {rows.map(({ name, water }, row) => (
              <g key={name} data-row={name} transform={`translate(0 ${TOP + row * ROW})`}>
                <text x={0} y={15}>
                  {name}
                </text>
                {water
                  .filter((one) => one.to > from && one.from < now)
                  .map((one) => (
                    <rect
                      key={`${one.station} ${one.from}`}
                      x={x(one.from)}
                      y={3}
                      width={Math.max(1, x(one.to) - x(one.from))}
                      height={ROW - 6}
                    />
                  ))}
              </g>
            ))}
          </svg>
        )}
      </div>
      <p className={pageStyles['way']}>
        <a href={simulatorLogPath(timerId)} download="simulated-timer.csv">
          Its log as a CSV file
        </a>
      </p>
    </section>
  );
}

/** The device's own time is the time of the strip. */
function rightClock(plan: Plan): Plan {
  const { clock: _clock, ...controller } = plan.controller;
  return { ...plan, controller };
}

function useWatch(first: TimerSeconds, end: TimerSeconds) {
  return useMemo(() => {
    const read = readSeen({
      format: SEEN_FORMAT,
      ...{ from: formatDateTime(first), to: formatDateTime(end), seen: [] },
    });
    if (!read.ok) throw new Error('A day cannot be read.');
    return read.value;
  }, [first, end]);
}

function ticksFrom(from: TimerSeconds): TimerSeconds[] {
  const step = HOURS * 3600;
  const first = Math.ceil(from / step) * step;
  return Array.from({ length: 4 }, (_, index) => addSeconds(from, first + index * step - from));
}

function stripWords(watered: readonly Water[]): string {
  if (watered.length === 0) return 'Nothing watered in the last 24 hours of its clock.';
  const stations = [...new Set(watered.map(({ station }) => station))].sort((a, b) => a - b);
  return `In the last 24 hours of its clock stations ${stations.join(', ')} watered.`;
}
