import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import {
  addDays,
  addSeconds,
  dayOf,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { takesMore, type NightOfHome } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { clockTime, lengthInWords, listInWords, longDate } from '@water-clock/core/words';
import { Button } from 'antd';
import { scaleLinear } from 'd3';
import { useMemo, useState } from 'react';
import { useNightOfHome } from '../../computing/use-night-of-home';
import { HourAxis } from '../../desk/board/board-frame';
import { AXIS_HEIGHT } from '../../desk/board/board-scale';
import { programTint } from '../../desk/board/program-tint';
import { shownAmount } from '../../format/quantities';
import { useQuantity, useSay } from '../../session/use-signed-in';
import { Hatch, useHatch } from '../../ui/hatch';
import { useElementSize } from '../../ui/use-element-size';
import pageStyles from '../../ui/page.module.css';
import boardStyles from '../../desk/board/night-board.module.css';
import { flowStretches, hoursInUse, overlapsOf } from './home-board-model';
import styles from './home-board.module.css';

const ROW = 30;
/** The line above a timer's own that its name stands on; on narrow screens a long one takes two. */
const NAME = { wide: 20, narrow: 36 };
/** Room for what the flow is called. */
const LEFT = 96;
const NARROW = 560;
const RIGHT = 74;
const FLOW = 72;
const GAP = 8;
const LEAST_WIDTH = 300;
const HALF_DAY = 43_200;

interface HomeBoardProps {
  readonly names: readonly string[];
  readonly plans: readonly Plan[];
  /** L/min that the supply gives; null: not known. */
  readonly supplyLpm: number | null;
  readonly today: DayNumber;
  /** When timers water at once first; null: never. */
  readonly first: TimerSeconds | null;
}

/** Every timer's water of one night on one axis, in true time, and under it what they take of the supply together. */
export function HomeBoard({ names, plans, supplyLpm, today, first }: HomeBoardProps) {
  const firstNight = first === null ? null : dayOf(addSeconds(first, -HALF_DAY));
  const [chosen, setChosen] = useState<DayNumber | null>(null);
  const day = chosen ?? firstNight ?? today;
  const { answer: night, hasFailed } = useNightOfHome(plans, day);
  const isNight = night && dayOf(night.from) === day;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="all-timers">
      <div className={styles['home-head']}>
        <h2 id="all-timers">All timers, one night</h2>
        <span className={styles['home-nights']}>
          <Button
            size="small"
            icon={<LeftOutlined />}
            aria-label="The night before"
            onClick={() => setChosen(addDays(day, -1))}
          />
          <span aria-live="polite">
            {longDate(day)} to {longDate(addDays(day, 1))}
          </span>
          <Button
            size="small"
            icon={<RightOutlined />}
            aria-label="The next night"
            onClick={() => setChosen(addDays(day, 1))}
          />
        </span>
        {firstNight !== null && (
          <Button size="small" disabled={day === firstNight} onClick={() => setChosen(firstNight)}>
            The first overlap
          </Button>
        )}
        <Button size="small" disabled={day === today} onClick={() => setChosen(today)}>
          Tonight
        </Button>
      </div>
      {hasFailed && <p className={pageStyles['soft']}>This night could not be worked out.</p>}
      {!isNight && !hasFailed && (
        <div style={{ height: AXIS_HEIGHT + names.length * (NAME.wide + ROW) + GAP + FLOW + 2 }} />
      )}
      {isNight && (
        <>
          <HomeNight {...{ names, night, supplyLpm }} />
          <UnknownFlows {...{ names, plans, night }} />
        </>
      )}
    </section>
  );
}

/** What counts for nothing, because nobody has measured it. */
function UnknownFlows({
  names,
  plans,
  night,
}: Pick<HomeBoardProps, 'names' | 'plans'> & { readonly night: NightOfHome }) {
  const unknown = names.flatMap((name, place) => {
    const watered = new Set(
      night.pieces.flatMap(({ timer, station }) => (timer === place ? [station] : [])),
    );
    const stations = plans[place]!.stations.filter(
      ({ number, flowLpm }) => watered.has(number) && flowLpm === undefined,
    );
    return stations.length === 0
      ? []
      : `${name} (${listInWords(stations.map(({ number }) => String(number)))})`;
  });
  if (unknown.length === 0) return null;
  return (
    <p className={pageStyles['soft']}>
      Without a known flow, and counted as nothing: {listInWords(unknown)}.
    </p>
  );
}

interface HomeNightProps {
  readonly names: readonly string[];
  readonly night: NightOfHome;
  readonly supplyLpm: number | null;
}

function HomeNight({ names, night, supplyLpm }: HomeNightProps) {
  const [frame, size] = useElementSize<HTMLDivElement>();
  const say = useSay();
  const flowUnit = useQuantity('flow');
  const hatch = useHatch();
  const axis = useMemo(() => hoursInUse(night), [night]);
  const width = Math.max(LEAST_WIDTH, size.width);
  const nameHeight = width < NARROW ? NAME.narrow : NAME.wide;
  const lane = nameHeight + ROW;
  const flow = flowStretches(night);
  const most = Math.max(0, ...flow.map(({ lpm }) => lpm));
  const flowTop = AXIS_HEIGHT + names.length * lane + GAP;
  const height = flowTop + FLOW + 2;
  const x = scaleLinear()
    .domain([axis.from, axis.to])
    .range([LEFT, width - RIGHT])
    .clamp(true);
  const y = scaleLinear()
    .domain([0, Math.max(most, supplyLpm ?? 0, 1) * 1.15])
    .range([flowTop + FLOW, flowTop]);
  const clock = (second: number) => say(clockTime(addSeconds(night.from, second)));
  const litres = (lpm: number) => `${shownAmount(lpm, flowUnit)} ${flowUnit.label}`;
  const words = [
    ...names.map((name, timer) => {
      const own = night.pieces.filter((piece) => piece.timer === timer);
      const times = own.map(({ station, from, to }) =>
        say(`station ${station} ${clockTime(from)} to ${clockTime(to)}`),
      );
      return `${name}: ${times.join(', ') || 'nothing waters'}.`;
    }),
    `Together ${litres(most)} at most${supplyLpm === null ? '' : `, and the supply gives ${litres(supplyLpm)}`}.`,
  ].join(' ');
  return (
    <div ref={frame} className={styles['home-night']}>
      <svg style={hatch.style} width={width} height={height} role="img" aria-label={words}>
        <Hatch id={hatch.id} gap={6} className={boardStyles['hatch-error']!} />
        <HourAxis scale={x} axis={axis} height={height} />
        {names.map((name, timer) => (
          <g key={timer} transform={`translate(0 ${AXIS_HEIGHT + timer * lane + nameHeight})`}>
            <line className={styles['home-row']} x2={width} y1={ROW} y2={ROW} />
            <foreignObject y={-nameHeight} width={width} height={nameHeight}>
              <div className={styles['home-name']}>
                <span>{name}</span>
              </div>
            </foreignObject>
            {night.pieces
              .filter((piece) => piece.timer === timer)
              .map(({ program, programOrder, station, from, to }) => {
                const [left, right] = [x(from - night.from), x(to - night.from)];
                return (
                  <g key={`${program} ${station} ${from}`} data-piece={station}>
                    <rect
                      fill={programTint(programOrder)}
                      x={left}
                      y={4}
                      width={Math.max(1.5, right - left - 0.5)}
                      height={ROW - 8}
                    >
                      <title>
                        {say(
                          `Program ${program}, station ${station}: ${clockTime(from)} to ${clockTime(to)}, ${lengthInWords(to - from)}`,
                        )}
                      </title>
                    </rect>
                    {right - left >= 16 && (
                      <text
                        className={styles['home-station']}
                        x={(left + right) / 2}
                        y={ROW / 2 + 4}
                      >
                        {station}
                      </text>
                    )}
                  </g>
                );
              })}
          </g>
        ))}
        {overlapsOf(night).map(({ from, to }) => (
          <rect
            key={from}
            className={styles['home-overlap']}
            data-overlap
            x={x(from)}
            width={Math.max(2, x(to) - x(from))}
            y={AXIS_HEIGHT}
            height={names.length * lane}
          >
            <title>{`More than one timer waters: ${clock(from)} to ${clock(to)}`}</title>
          </rect>
        ))}
        <text className={styles['home-flow-name']} x={10} y={flowTop + 16}>
          Together
        </text>
        {flow
          .filter(({ lpm }) => lpm > 0)
          .map(({ from, to, lpm }) => (
            <rect
              key={from}
              className={styles['home-flow']}
              data-over={supplyLpm !== null && takesMore(lpm, supplyLpm)}
              x={x(from)}
              width={Math.max(0.5, x(to) - x(from))}
              y={y(lpm)}
              height={flowTop + FLOW - y(lpm)}
            >
              <title>{`${clock(from)} to ${clock(to)}: ${litres(lpm)}`}</title>
            </rect>
          ))}
        {supplyLpm !== null && (
          <>
            <line
              className={styles['home-supply']}
              x1={LEFT}
              x2={width - RIGHT}
              y1={y(supplyLpm)}
              y2={y(supplyLpm)}
            />
            <text className={styles['home-flow-name']} x={width - RIGHT + 4} y={y(supplyLpm) + 4}>
              {litres(supplyLpm)}
            </text>
            <text className={styles['home-flow-name']} x={10} y={flowTop + 34}>
              supply: dashed
            </text>
          </>
        )}
      </svg>
    </div>
  );
}
