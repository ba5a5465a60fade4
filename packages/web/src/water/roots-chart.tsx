import { clsx } from 'clsx';
import { addDays, civilDateOf, weekdayOf } from '@water-clock/core/civil-time';
import type { Season, StationSeason } from '@water-clock/core/water-use';
import { longDate, MONTHS_SHORT, WEEKDAYS } from '@water-clock/core/words';
import { area, line, max, range, scaleLinear, ticks } from 'd3';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useElementSize } from '../ui/use-element-size';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount, type Quantity } from '../format/quantities';
import { Hatch, useHatch } from '../ui/hatch';
import styles from './roots-chart.module.css';

interface RootsChartProps {
  readonly season: Season;
  readonly rainMm: readonly number[];
  readonly station: StationSeason;
  /** The same station as another copy waters it. */
  readonly over: StationSeason | null;
  /** From what on a moisture sensor in this ground holds; null: there is none, or nobody knows. */
  readonly holdsFromPercent: number | null;
}

const LEFT = 52;
const RIGHT = 12;
const BARS = 92;
const ROOTS = 200;
const GAP = 26;
const TITLE = 20;
/** Narrower, and the legend has a line of its own above the title. */
const BESIDE_TITLE = 520;

function placesIn(width: number, isCompared: boolean) {
  const isNarrow = width < BESIDE_TITLE;
  const top = isNarrow ? 2 * TITLE : TITLE;
  return {
    top,
    height: top + BARS + GAP + ROOTS + 22,
    legend: isNarrow
      ? { x: LEFT, y: -16 - TITLE }
      : { x: width - RIGHT - (isCompared ? 214 : 124), y: -16 },
  };
}

/** A station's roots day by day: what came and went, and what they lack in the evening. */
export function RootsChart(props: RootsChartProps) {
  const { season, rainMm, station, over, holdsFromPercent } = props;
  const [frame, size] = useElementSize<HTMLDivElement>();
  const depth = useQuantity('depth');
  const hatch = useHatch();
  const [pointed, setPointed] = useState<number | null>(null);
  const width = Math.max(320, size.width);
  const { top, height, legend } = placesIn(width, over !== null);
  const x = scaleLinear()
    .domain([0, season.days])
    .range([LEFT, width - RIGHT]);
  const most = max([...station.gross, ...(over?.gross ?? []), ...rainMm]) || 1;
  const bar = scaleLinear().domain([0, most]).range([0, BARS]);
  const roots = scaleLinear().domain([0, station.rootZoneMm]).range([0, ROOTS]);
  const barWidth = Math.max(1, x(1) - x(0) - 0.5);
  const shown = pointed;
  const evening = line<number>()
    .x((_, day) => x(day + 1))
    .y((lacking) => roots(lacking));
  const stock = area<number>()
    .x((_, day) => x(day + 1))
    .y0(ROOTS)
    .y1((lacking) => roots(lacking));

  const dayAt = (event: PointerEvent<SVGSVGElement>) => {
    const { left } = event.currentTarget.getBoundingClientRect();
    const day = Math.floor(x.invert(event.clientX - left));
    return day >= 0 && day < season.days ? day : null;
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const steps: Record<string, number> = {
      ArrowLeft: -1,
      ArrowRight: 1,
      PageUp: -7,
      PageDown: 7,
    };
    const step = steps[event.key];
    if (step === undefined) return;
    event.preventDefault();
    setPointed(Math.min(season.days - 1, Math.max(0, (shown ?? -1) + step)));
  };
  return (
    <>
      <div ref={frame} className={styles['roots-chart']}>
        <svg
          style={hatch.style}
          width={width}
          height={height}
          role="slider"
          tabIndex={0}
          aria-label="Day of the season"
          aria-valuemin={0}
          aria-valuemax={season.days - 1}
          aria-valuenow={shown ?? 0}
          aria-valuetext={shown === null ? 'no day chosen' : dayWords(shown, props, depth)}
          onPointerMove={(event) => setPointed(dayAt(event))}
          onPointerLeave={() => setPointed(null)}
          onKeyDown={onKeyDown}
        >
          <Hatch id={hatch.id} gap={7} className={clsx(styles['stress-hatch'])} />
          <Months season={season} x={x} top={top} height={height} />
          <g transform={`translate(0 ${top})`}>
            <text className={styles['roots-title']} x={LEFT} y={-7}>
              A day&apos;s rain and watering, {depth.label}
            </text>
            <Legend {...legend} isCompared={over !== null} />
            {ticksOf(most, 3, depth).map((tick) => (
              <Tick
                key={tick}
                y={BARS - bar(tick)}
                words={shownAmount(tick, depth)}
                width={width}
              />
            ))}
            {rainMm.map((rain, day) =>
              rain > 0 ? (
                <rect
                  key={day}
                  className={styles['roots-rain']}
                  x={x(day)}
                  y={BARS - bar(rain)}
                  width={barWidth}
                  height={bar(rain)}
                />
              ) : null,
            )}
            {station.gross.map((gross, day) =>
              gross > 0 ? (
                <rect
                  key={day}
                  className={styles['roots-gross']}
                  x={x(day) + barWidth * 0.25}
                  y={BARS - bar(gross)}
                  width={Math.max(1, barWidth * 0.5)}
                  height={bar(gross)}
                />
              ) : null,
            )}
            {over?.gross.map((gross, day) =>
              gross > 0 ? (
                <path
                  key={day}
                  className={styles['roots-gross-over']}
                  d={`M${x(day)} ${BARS - bar(gross)}h${Math.max(2, barWidth)}`}
                />
              ) : null,
            )}
          </g>
          <g transform={`translate(0 ${top + BARS + GAP})`}>
            <text className={styles['roots-title']} x={LEFT} y={-7}>
              What the roots lack in the evening, {depth.label}
            </text>
            <rect
              className={styles['roots-ground']}
              x={LEFT}
              width={width - LEFT - RIGHT}
              height={ROOTS}
            />
            <path className={styles['roots-stock']} d={stock(station.depletion) ?? ''} />
            <rect
              className={styles['roots-stress']}
              x={LEFT}
              y={roots(station.readilyAvailableMm)}
              width={width - LEFT - RIGHT}
              height={ROOTS - roots(station.readilyAvailableMm)}
            />
            {ticksOf(station.rootZoneMm, 4, depth).map((tick) => (
              <Tick key={tick} y={roots(tick)} words={shownAmount(tick, depth)} width={width} />
            ))}
            <line
              className={styles['roots-limit']}
              x1={LEFT}
              x2={width - RIGHT}
              y1={roots(station.readilyAvailableMm)}
              y2={roots(station.readilyAvailableMm)}
            />
            <text
              className={styles['roots-limit-words']}
              x={width - RIGHT - 4}
              y={roots(station.readilyAvailableMm) + 14}
            >
              below this plants suffer
            </text>
            {holdsFromPercent !== null && (
              <SensorLine
                y={roots(station.rootZoneMm * (1 - holdsFromPercent / 100))}
                {...{ width }}
              />
            )}
            <path className={styles['roots-evening']} d={evening(station.depletion) ?? ''} />
            {over && (
              <path
                className={styles['roots-evening-over']}
                d={evening(over.depletion) ?? ''}
                data-over
              />
            )}
          </g>
          {shown !== null && (
            <line
              className={styles['roots-pointed']}
              x1={x(shown + 0.5)}
              x2={x(shown + 0.5)}
              y1={top}
              y2={height - 22}
            />
          )}
        </svg>
      </div>
      <p className={styles['roots-told']} aria-live="polite">
        {shown === null
          ? 'Point at a day, or step through them with the arrow keys.'
          : dayWords(shown, props, depth)}
      </p>
    </>
  );
}

/** Above it a moisture sensor holds the station back. */
const SensorLine = ({ y, width }: { y: number; width: number }) => (
  <g>
    <line className={styles['roots-sensor']} x1={LEFT} x2={width - RIGHT} y1={y} y2={y} />
    <text className={styles['roots-sensor-words']} x={LEFT + 6} y={y - 4}>
      above this the sensor holds
    </text>
  </g>
);

interface LegendProps {
  readonly x: number;
  readonly y: number;
  readonly isCompared: boolean;
}

/** What each bar and line means. */
function Legend({ x, y, isCompared }: LegendProps) {
  return (
    <g className={styles['roots-legend']} transform={`translate(${x} ${y})`} aria-hidden="true">
      <rect className={styles['roots-rain']} width="10" height="10" />
      <text x="14" y="9">
        rain
      </text>
      <rect className={styles['roots-gross']} x="52" width="5" height="10" />
      <text x="61" y="9">
        watered
      </text>
      {isCompared && (
        <>
          <path className={styles['roots-gross-over']} d="M120 5h14" />
          <text x="138" y="9">
            compared
          </text>
        </>
      )}
    </g>
  );
}

function Tick({ y, words, width }: { y: number; words: string; width: number }) {
  return (
    <g>
      <line className={styles['roots-tick']} x1={LEFT} x2={width - RIGHT} y1={y} y2={y} />
      <text className={clsx(styles['roots-scale'], 'figures')} x={LEFT - 6} y={y + 4}>
        {words}
      </text>
    </g>
  );
}

/** Round amounts of the shown unit, as they are stored. */
const ticksOf = (mostMm: number, count: number, { inSi }: Quantity): number[] =>
  ticks(0, mostMm / inSi, count).map((shown) => shown * inSi);

interface MonthsProps {
  readonly season: Season;
  readonly x: (day: number) => number;
  readonly top: number;
  readonly height: number;
}

/** The first day of each month, named. */
function Months({ season, x, top, height }: MonthsProps) {
  return range(season.days).flatMap((index) => {
    const { day, month } = civilDateOf(addDays(season.from, index));
    if (day !== 1 && index > 0) return [];
    // A month of which a few days are shown has no room for its name.
    const isNamed = day === 1 || civilDateOf(addDays(season.from, 9)).month === month;
    return (
      <g key={index}>
        {day === 1 && (
          <line
            className={styles['roots-month']}
            x1={x(index)}
            x2={x(index)}
            y1={top}
            y2={height - 20}
          />
        )}
        {isNamed && (
          <text className={styles['roots-month-name']} x={x(index) + 4} y={height - 6}>
            {MONTHS_SHORT[month - 1]}
          </text>
        )}
      </g>
    );
  });
}

function dayWords(index: number, props: RootsChartProps, depth: Quantity): string {
  const { season, rainMm, station, over } = props;
  const day = addDays(season.from, index);
  const amount = (mm: number) => `${shownAmount(mm, depth)} ${depth.label}`;
  const of = (roots: StationSeason) =>
    [
      roots.gross[index]! > 0 ? `${amount(roots.gross[index]!)} watered` : 'nothing watered',
      ...(roots.drainage[index]! >= 0.05 ? [`${amount(roots.drainage[index]!)} ran through`] : []),
      `${amount(roots.depletion[index]!)} lacking${roots.stressed[index] ? ', plants suffer' : ''}`,
    ].join(', ');
  const sky = `${amount(station.use[index]!)} used, ${rainMm[index]! > 0 ? amount(rainMm[index]!) : 'no'} rain`;
  const both = over ? `These settings: ${of(station)}. Compared: ${of(over)}` : of(station);
  return `${WEEKDAYS[weekdayOf(day) - 1]?.slice(0, 3)} ${longDate(day).replace(/^\w+ /, '')}: ${sky}. ${both}.`;
}
