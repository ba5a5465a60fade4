import { clsx } from 'clsx';
import { memo, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useElementSize } from '../../ui/use-element-size';
import { BoardLegend, HourAxis } from './board-frame';
import type { BoardModel, BoardNight, BoardRun, NightSpan } from '../../computing/board-model';
import { AXIS_HEIGHT, LABEL_WIDTH, RIGHT_MARGIN } from './board-scale';
import { NightRow } from './night-row';
import { Hatch, useHatch } from '../../ui/hatch';
import styles from './night-board.module.css';

const LEAST_ROW = 22;
const DRAG_THRESHOLD_PIXELS = 3;
const WHOLE_BOARD = 'Night board: fourteen nights, noon to noon';

/** One start of one program. */
export type StartChoice = Pick<BoardRun, 'program' | 'startNumber'>;

interface NightBoardProps {
  readonly className?: string | undefined;
  readonly model: BoardModel;
  readonly selected: string | null;
  readonly label?: string;
  /** False: the marks are explained beside another board. */
  readonly hasLegend?: boolean;
  readonly onSelect: (run: BoardRun | null) => void;
  /** Absent: the board is only looked at. */
  readonly moving?: Moving;
}

export interface Moving {
  readonly stepMinutes: number;
  /** Moves a start by minutes; moves with the same `gesture` are one step back. */
  readonly onMove: (start: StartChoice, minutes: number, all: boolean, gesture: string) => void;
  readonly onSettle: () => void;
}

interface Drag {
  readonly start: StartChoice;
  readonly startX: number;
  readonly axis: NightSpan;
  readonly gesture: string;
  movedMinutes: number;
}

/** Of what a phone leaves. */
const LEAST_WIDTH = 280;

/** Fourteen nights, noon to noon, one a row; runs are moved along it by drag or by keyboard. */
export const NightBoard = memo(function NightBoard(props: NightBoardProps) {
  const { className, model, selected, onSelect, moving } = props;
  const { label = WHOLE_BOARD, hasLegend = true } = props;
  const [frame, size] = useElementSize<HTMLDivElement>();
  const [collisions, forbidden] = [useHatch(), useHatch('--hatch-forbidden')];
  const drag = useRef<Drag | null>(null);
  const gestures = useRef(0);
  const [heldAxis, setHeldAxis] = useState<NightSpan | null>(null);

  const axis = heldAxis ?? model.axis;
  const width = Math.max(LEAST_WIDTH, size.width);
  const heightOf = (row: number) => AXIS_HEIGHT + row * model.nights.length + 2;
  const room = size.height - heightOf(0);
  const rowHeight = Math.max(LEAST_ROW, Math.floor(room / model.nights.length));
  const height = heightOf(rowHeight);
  // A line alone: the library's brings all that it knows of colours and numbers to the first screen of a timer.
  const scale = useMemo(() => {
    const perSecond = (width - RIGHT_MARGIN - LABEL_WIDTH) / (axis.to - axis.from);
    return (second: number) => LABEL_WIDTH + (second - axis.from) * perSecond;
  }, [axis.from, axis.to, width]);

  const runs = model.nights.flatMap((night) => night.runs);
  const tabStop = (runs.find((run) => run.key === selected) ?? runs[0])?.key;

  const runAt = (target: EventTarget) => {
    const part = target instanceof Element ? target.closest('[data-run]') : null;
    const key = part?.getAttribute('data-run');
    const night = model.nights.find((one) => one.runs.some((run) => run.key === key));
    const run = night?.runs.find((one) => one.key === key);
    return night && run ? { night, run } : null;
  };

  const beginDrag = (event: PointerEvent<SVGSVGElement>) => {
    const found = runAt(event.target);
    if (!found || event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    onSelect(found.run);
    if (!moving) return;
    gestures.current += 1;
    const gesture = `drag ${gestures.current}`;
    drag.current = { start: found.run, startX: event.clientX, axis, gesture, movedMinutes: 0 };
  };
  const goOnDragging = (event: PointerEvent) => {
    const going = drag.current;
    if (!going || !moving) return;
    const pixels = event.clientX - going.startX;
    if (going.movedMinutes === 0 && Math.abs(pixels) < DRAG_THRESHOLD_PIXELS) return;
    setHeldAxis(going.axis);
    const shown = going.axis.to - going.axis.from;
    const minutesPerPixel = shown / 60 / (width - RIGHT_MARGIN - LABEL_WIDTH);
    const { stepMinutes, onMove } = moving;
    const minutes = Math.round((pixels * minutesPerPixel) / stepMinutes) * stepMinutes;
    if (minutes === going.movedMinutes) return;
    onMove(going.start, minutes - going.movedMinutes, event.altKey, going.gesture);
    going.movedMinutes = minutes;
  };
  const endDrag = () => {
    if (!drag.current) return;
    drag.current = null;
    setHeldAxis(null);
    moving?.onSettle();
  };

  const focusRun = (run: BoardRun | undefined) => {
    if (!run) return;
    onSelect(run);
    frame.current?.querySelector<SVGGElement>(`[data-run="${run.key}"]`)?.focus();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const found = runAt(event.target);
    if (!found || event.ctrlKey || event.metaKey) return;
    const { night, run } = found;
    const index = night.runs.indexOf(run);
    const byStep = (steps: number) =>
      moving?.onMove(run, steps * moving.stepMinutes, event.altKey, 'keys');
    const moves: Record<string, () => void> = {
      BracketLeft: () => byStep(-1),
      BracketRight: () => byStep(1),
      ArrowLeft: () => focusRun(night.runs[index - 1]),
      ArrowRight: () => focusRun(night.runs[index + 1]),
      ArrowUp: () => focusRun(neighbour(model, night, run, -1)),
      ArrowDown: () => focusRun(neighbour(model, night, run, 1)),
      Enter: () => onSelect(run),
      Space: () => onSelect(run),
      Escape: () => onSelect(null),
    };
    // By the letter first: on many keyboards the brackets are elsewhere.
    const named = { '[': 'BracketLeft', ']': 'BracketRight' }[event.key] ?? event.code;
    const move = moves[named];
    if (!move) return;
    event.preventDefault();
    move();
  };

  return (
    <div className={clsx(styles['night-board'], className)}>
      <div className={styles['night-room']} ref={frame} style={{ minHeight: heightOf(LEAST_ROW) }}>
        <svg
          style={{ ...collisions.style, ...forbidden.style }}
          width={width}
          height={height}
          role="group"
          aria-label={label}
          onPointerDown={beginDrag}
          onPointerMove={goOnDragging}
          onPointerUp={endDrag}
          onPointerCancel={endDrag}
          onKeyDown={onKeyDown}
          onBlur={moving?.onSettle}
        >
          <Hatch id={collisions.id} gap={6} className={clsx(styles['hatch-error'])} />
          <Hatch
            id={forbidden.id}
            gap={7}
            leans="left"
            className={clsx(styles['hatch-forbidden'])}
          />
          <HourAxis scale={scale} axis={axis} height={height} />
          {model.nights.map((night, row) => {
            const own = (key: string | null | undefined) =>
              key && night.runs.some((run) => run.key === key) ? key : null;
            return (
              <NightRow
                key={night.day}
                {...{ night, scale, axis, rowHeight, width }}
                isFirst={row === 0}
                y={AXIS_HEIGHT + row * rowHeight}
                selected={own(selected)}
                tabStop={own(tabStop)}
              />
            );
          })}
        </svg>
      </div>
      {hasLegend && <BoardLegend hasHolds={model.nights.some(({ holds }) => holds.length > 0)} />}
    </div>
  );
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
