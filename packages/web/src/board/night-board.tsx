import { scaleLinear } from 'd3';
import { memo, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useElementSize } from '../app/use-element-size';
import { clockTime, dateAndTime, longDate, shortDate } from '../words/dates';
import { lengthInWords } from '../words/lengths';
import type { BoardCollision, BoardModel, BoardNight, BoardRun, NightSpan } from './board-model';
import { addSeconds } from '@water-clock/core/civil-time';
import './night-board.css';
import { programTint } from './program-tint';

const LABEL_WIDTH = 82;
const AXIS_HEIGHT = 22;
const RIGHT_MARGIN = 10;
const LEGEND_HEIGHT = 24;
const LEAST_ROW = 22;
const DRAG_THRESHOLD_PIXELS = 3;

/** One start on one date; the board keeps it in hand while it moves. */
export type RunChoice = Pick<BoardRun, 'key' | 'program' | 'startNumber'>;

interface NightBoardProps {
  readonly model: BoardModel;
  readonly selected: string | null;
  readonly stepMinutes: number;
  readonly onSelect: (run: BoardRun | null) => void;
  /** Moves a start by minutes; moves with the same `gesture` are one step back. */
  readonly onMove: (run: RunChoice, minutes: number, all: boolean, gesture: string) => void;
  readonly onSettle: () => void;
}

type Scale = (second: number) => number;

interface Drag {
  readonly run: RunChoice;
  readonly startX: number;
  readonly axis: NightSpan;
  readonly gesture: string;
  movedMinutes: number;
}

/** Fourteen nights, noon to noon, one a row; runs are moved along it by drag or by keyboard. */
export function NightBoard(props: NightBoardProps) {
  const { model, selected, stepMinutes, onSelect, onMove, onSettle } = props;
  const [frame, size] = useElementSize<HTMLDivElement>();
  const drag = useRef<Drag | null>(null);
  const [heldAxis, setHeldAxis] = useState<NightSpan | null>(null);
  const gestures = useRef(0);

  const axis = heldAxis ?? model.axis;
  const width = Math.max(360, size.width);
  const rowHeight = Math.max(
    LEAST_ROW,
    Math.floor((size.height - AXIS_HEIGHT - LEGEND_HEIGHT - 4) / model.nights.length),
  );
  const height = AXIS_HEIGHT + rowHeight * model.nights.length + 2;
  const scale = useMemo(
    () =>
      scaleLinear()
        .domain([axis.from, axis.to])
        .range([LABEL_WIDTH, width - RIGHT_MARGIN]),
    [axis.from, axis.to, width],
  );

  const beginDrag = (event: PointerEvent<SVGGElement>, run: BoardRun) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    onSelect(run);
    gestures.current += 1;
    drag.current = {
      run,
      startX: event.clientX,
      axis,
      gesture: `drag ${gestures.current}`,
      movedMinutes: 0,
    };
  };
  const goOnDragging = (event: PointerEvent<SVGGElement>) => {
    const going = drag.current;
    if (!going) return;
    const pixels = event.clientX - going.startX;
    if (going.movedMinutes === 0 && Math.abs(pixels) < DRAG_THRESHOLD_PIXELS) return;
    setHeldAxis(going.axis);
    const minutesPerPixel =
      (going.axis.to - going.axis.from) / 60 / (width - RIGHT_MARGIN - LABEL_WIDTH);
    const minutes = Math.round((pixels * minutesPerPixel) / stepMinutes) * stepMinutes;
    if (minutes === going.movedMinutes) return;
    onMove(going.run, minutes - going.movedMinutes, event.altKey, going.gesture);
    going.movedMinutes = minutes;
  };
  const endDrag = () => {
    if (!drag.current) return;
    drag.current = null;
    setHeldAxis(null);
    onSettle();
  };

  const runs = model.nights.flatMap((night) => night.runs);
  const current = runs.find((run) => run.key === selected) ?? runs[0];
  const focusRun = (run: BoardRun | undefined) => {
    if (!run) return;
    onSelect(run);
    frame.current?.querySelector<SVGGElement>(`[data-run="${run.key}"]`)?.focus();
  };
  const onKeyDown = (event: KeyboardEvent, night: BoardNight, run: BoardRun) => {
    const index = night.runs.indexOf(run);
    const moves: Record<string, () => void> = {
      '[': () => onMove(run, -stepMinutes, event.altKey, 'keys'),
      ']': () => onMove(run, stepMinutes, event.altKey, 'keys'),
      ArrowLeft: () => focusRun(night.runs[index - 1]),
      ArrowRight: () => focusRun(night.runs[index + 1]),
      ArrowUp: () => focusRun(neighbour(model, night, run, -1)),
      ArrowDown: () => focusRun(neighbour(model, night, run, 1)),
      Enter: () => onSelect(run),
      Escape: () => onSelect(null),
    };
    const bracket = { BracketLeft: '[', BracketRight: ']' }[event.code];
    const move = moves[event.key] ?? (bracket ? moves[bracket] : undefined);
    if (!move || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    move();
  };

  return (
    <div className="night-board" ref={frame}>
      <svg
        width={width}
        height={height}
        role="group"
        aria-label="Night board: fourteen nights, noon to noon"
      >
        <Hatches />
        <HourAxis scale={scale} axis={axis} height={height} />
        {model.nights.map((night, row) => (
          <g key={night.day} transform={`translate(0 ${AXIS_HEIGHT + row * rowHeight})`}>
            <NightBack
              night={night}
              scale={scale}
              axis={axis}
              rowHeight={rowHeight}
              width={width}
              isSelected={night.runs.some((run) => run.key === selected)}
            />
            {night.runs.map((run) => (
              <g
                key={run.key}
                className="run"
                data-run={run.key}
                data-program={run.program}
                data-selected={run.key === selected}
                role="button"
                tabIndex={run.key === current?.key ? 0 : -1}
                aria-label={runWords(run)}
                aria-pressed={run.key === selected}
                onPointerDown={(event) => beginDrag(event, run)}
                onPointerMove={goOnDragging}
                onPointerUp={endDrag}
                onPointerCancel={endDrag}
                onKeyDown={(event) => onKeyDown(event, night, run)}
                onBlur={onSettle}
              >
                <RunDrawing run={run} scale={scale} axis={axis} rowHeight={rowHeight} />
              </g>
            ))}
            {night.runs.map((run) => (
              <RunLabels key={run.key} {...{ run, scale, axis, rowHeight }} />
            ))}
            {night.collisions.map((collision) => (
              <CollisionMark
                key={`${collision.a.key} ${collision.b.key}`}
                collision={collision}
                night={night}
                axis={axis}
                scale={scale}
                rowHeight={rowHeight}
              />
            ))}
          </g>
        ))}
      </svg>
      <BoardLegend />
    </div>
  );
}

/** What the marks on the board mean. */
function BoardLegend() {
  const marks = [
    ['collision', 'runs collide'],
    ['ghost', 'what the timer really does'],
    ['sunrise', 'sunrise'],
    ['forbidden', 'no watering in these hours'],
  ] as const;
  return (
    <ul className="board-legend" aria-label="Marks on the board">
      {marks.map(([mark, words]) => (
        <li key={mark}>
          <span className="legend-mark" data-mark={mark} aria-hidden="true" />
          {words}
        </li>
      ))}
    </ul>
  );
}

const clip = (span: NightSpan, axis: NightSpan): NightSpan => ({
  from: Math.min(Math.max(span.from, axis.from), axis.to),
  to: Math.max(Math.min(span.to, axis.to), axis.from),
});

/** The run nearest in time in the next night, up or down, that has any. */
function neighbour(
  { nights }: BoardModel,
  night: BoardNight,
  run: BoardRun,
  direction: 1 | -1,
): BoardRun | undefined {
  for (let at = nights.indexOf(night) + direction; at >= 0 && at < nights.length; at += direction) {
    const candidates = nights[at]!.runs;
    if (candidates.length > 0)
      return candidates.reduce((best, other) =>
        Math.abs(other.asked.from - run.asked.from) < Math.abs(best.asked.from - run.asked.from)
          ? other
          : best,
      );
  }
  return undefined;
}

function runWords(run: BoardRun): string {
  const end = clockTime(addSeconds(run.nominal, run.asked.to - run.asked.from));
  const really =
    run.real === null
      ? '; the timer leaves it out'
      : run.real.from !== run.asked.from
        ? `; it waits until ${clockTime(addSeconds(run.nominal, run.real.from - run.asked.from))}`
        : run.real.to < run.asked.to
          ? `; it is cut off at ${clockTime(addSeconds(run.nominal, run.real.to - run.asked.from))}`
          : '';
  return `Program ${run.program}, start ${run.startNumber}: ${dateAndTime(run.nominal)} to ${end}, ${lengthInWords(run.asked.to - run.asked.from)}${really}`;
}

function Hatches() {
  return (
    <defs>
      <pattern
        id="collision-hatch"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line className="hatch-error" x1="0" y1="0" x2="0" y2="6" />
      </pattern>
      <pattern
        id="forbidden-hatch"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <line className="hatch-forbidden" x1="0" y1="0" x2="0" y2="7" />
      </pattern>
    </defs>
  );
}

function HourAxis({ scale, axis, height }: { scale: Scale; axis: NightSpan; height: number }) {
  const hours = [];
  const every = scale(axis.from + 3600) - scale(axis.from) < 30 ? 2 : 1;
  for (let second = Math.ceil(axis.from / 3600) * 3600; second <= axis.to; second += 3600) {
    const hour = (second / 3600 + 12) % 24;
    hours.push({ second, hour, isLabelled: hour % every === 0 });
  }
  return (
    <g aria-hidden="true" className="figures">
      {hours.map(({ second, hour, isLabelled }) => (
        <g key={second} transform={`translate(${scale(second)} 0)`}>
          {isLabelled && (
            <text className="hour" y={15}>
              {String(hour).padStart(2, '0')}
            </text>
          )}
          <line
            className={hour === 0 ? 'midnight-line' : 'hour-line'}
            y1={AXIS_HEIGHT}
            y2={height}
          />
        </g>
      ))}
    </g>
  );
}

interface NightBackProps {
  readonly night: BoardNight;
  readonly scale: Scale;
  readonly axis: NightSpan;
  readonly rowHeight: number;
  readonly width: number;
  readonly isSelected: boolean;
}

const NightBack = memo(function NightBack(props: NightBackProps) {
  const { night, scale, axis, rowHeight, width, isSelected } = props;
  const isWeekend = (((night.day + 3) % 7) + 7) % 7 >= 5;
  return (
    <g aria-hidden="true">
      {isSelected && <rect className="night-selected" width={LABEL_WIDTH - 6} height={rowHeight} />}
      <line className="row-line" x2={width} y1={rowHeight} y2={rowHeight} />
      <text className={isWeekend ? 'weekend' : undefined} x={10} y={rowHeight / 2 + 4}>
        {shortDate(night.day)}
        <title>{`Night from ${longDate(night.day)} to the next day`}</title>
      </text>
      {night.forbidden.map((hours) => {
        const { from, to } = clip(hours, axis);
        return to > from ? (
          <rect
            key={from}
            fill="url('#forbidden-hatch')"
            x={scale(from)}
            width={scale(to) - scale(from)}
            height={rowHeight}
          />
        ) : null;
      })}
      {night.sunrise !== null && night.sunrise > axis.from && night.sunrise < axis.to && (
        <line
          className="sunrise"
          x1={scale(night.sunrise)}
          x2={scale(night.sunrise)}
          y1={rowHeight - 7}
          y2={rowHeight}
        >
          <title>Sunrise</title>
        </line>
      )}
    </g>
  );
});

interface RunDrawingProps {
  readonly run: BoardRun;
  readonly scale: Scale;
  readonly axis: NightSpan;
  readonly rowHeight: number;
}

/** Where a run, and each of its slots, stands in its row. */
function runGeometry({ run, scale, axis, rowHeight }: RunDrawingProps) {
  const laneHeight = (rowHeight - 4) / run.lanes;
  const y = 2 + run.lane * laneHeight;
  const height = laneHeight - 1;
  const slotHeight = (height - 3) / run.slots;
  return {
    y,
    height,
    slotHeight,
    slotY: (slot: number) => y + 1.5 + slot * slotHeight,
    x: (second: number) => scale(Math.min(Math.max(second, axis.from), axis.to)),
  };
}

/** A run's letter and the numbers of its stations, where there is room for them. */
const RunLabels = memo(function RunLabels(props: RunDrawingProps) {
  const { run } = props;
  const { x, y, height, slotY, slotHeight } = runGeometry(props);
  const hasRoom = slotHeight >= 11;
  return (
    <g className="run-labels" aria-hidden="true">
      {hasRoom &&
        run.pieces.map(({ station, piece, slot, from: begin, to: end }) =>
          x(end) - x(begin) >= 16 ? (
            <text
              key={`${station} ${piece} ${begin}`}
              className="station-number figures"
              x={(x(begin) + x(end)) / 2}
              y={slotY(slot) + slotHeight / 2 + 4}
            >
              {station}
            </text>
          ) : null,
        )}
      <text className="run-letter" x={x(run.asked.from) - 3} y={y + height / 2 + 4}>
        {run.program}
      </text>
    </g>
  );
});

const RunDrawing = memo(function RunDrawing(props: RunDrawingProps) {
  const { run, scale, axis, rowHeight } = props;
  const { x, y, height, slotY, slotHeight } = runGeometry(props);
  const { from, to } = clip(run.asked, axis);
  const tint = programTint(run.programOrder);
  const isMoved = run.real && (run.real.from !== run.asked.from || run.real.to !== run.asked.to);
  const pieces = run.pieces
    .map(({ from: begin, to: end, slot }) => {
      const top = slotY(slot);
      return `M${x(begin)} ${top}H${x(end)}V${top + slotHeight - (run.slots > 1 ? 0.5 : 0)}H${x(begin)}Z`;
    })
    .join('');
  return (
    <>
      <title>{runWords(run)}</title>
      <rect
        className="run-outline"
        stroke={tint}
        x={scale(from) - 1}
        y={y}
        width={Math.max(3, scale(to) - scale(from) + 2)}
        height={height}
        rx={2}
      />
      <path d={pieces} fill={tint} fillOpacity={run.real === null ? 0.35 : 1} />
      {isMoved && run.real && (
        <rect
          className="ghost"
          x={x(run.real.from)}
          width={Math.max(2, x(run.real.to) - x(run.real.from))}
          y={1}
          height={rowHeight - 3}
          rx={2}
        />
      )}
    </>
  );
});

interface CollisionMarkProps {
  readonly collision: BoardCollision;
  readonly night: BoardNight;
  readonly axis: NightSpan;
  readonly scale: Scale;
  readonly rowHeight: number;
}

const PIXELS_A_LETTER = 7.2;
const LETTER_ROOM = 16;

function CollisionMark({ collision, night, axis, scale, rowHeight }: CollisionMarkProps) {
  const { from, to } = clip(collision, axis);
  const words = lengthInWords(collision.seconds);
  return (
    <g aria-hidden="true">
      <rect
        className="collision"
        x={scale(from)}
        y={1}
        width={Math.max(4, scale(to) - scale(from))}
        height={rowHeight - 3}
      />
      <text
        className="collision-words"
        x={wordsX(collision, night, axis, scale, words.length * PIXELS_A_LETTER)}
        y={rowHeight / 2 + 4}
      >
        {words}
      </text>
    </g>
  );
}

/** Where the words of a collision stand: behind or before its runs, wherever no other run is. */
function wordsX(
  { a, b }: BoardCollision,
  night: BoardNight,
  axis: NightSpan,
  scale: Scale,
  width: number,
): number {
  const extents = night.runs.map((run) => ({
    run,
    left: scale(run.asked.from) - LETTER_ROOM,
    right: scale(Math.max(run.asked.to, run.real?.to ?? 0)),
  }));
  const own = extents.filter(({ run }) => run === a || run === b);
  const behind = Math.max(...own.map(({ right }) => right)) + 6;
  const before = Math.min(...own.map(({ left }) => left)) - width - 4;
  const isFree = (x: number) =>
    x >= scale(axis.from) &&
    x + width <= scale(axis.to) &&
    extents.every(({ left, right }) => x + width <= left || x >= right);
  return [behind, before].find(isFree) ?? Math.min(behind, scale(axis.to) - width);
}
