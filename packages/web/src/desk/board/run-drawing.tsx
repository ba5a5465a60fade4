import { clsx } from 'clsx';
import { addSeconds } from '@water-clock/core/civil-time';
import { memo } from 'react';
import { clockTime, dateAndTime, lengthInWords } from '@water-clock/core/words';
import type { BoardRun, NightSpan } from '../../computing/board-model';
import { clip, type Scale } from './board-scale';
import { useSay } from '../../session/use-signed-in';
import { programTint } from './program-tint';
import styles from './night-board.module.css';

/** A run in words: which, from when to when, and what the timer makes of it. */
export function runWords(run: BoardRun): string {
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
export const RunLabels = memo(function RunLabels(props: RunDrawingProps) {
  const { run } = props;
  const { x, y, height, slotY, slotHeight } = runGeometry(props);
  const hasRoom = slotHeight >= 11;
  return (
    <g className={styles['run-labels']} aria-hidden="true">
      {hasRoom &&
        run.pieces.map(({ station, piece, slot, from: begin, to: end }) =>
          x(end) - x(begin) >= 16 ? (
            <text
              key={`${station} ${piece} ${begin}`}
              className={clsx(styles['station-number'], 'figures')}
              x={(x(begin) + x(end)) / 2}
              y={slotY(slot) + slotHeight / 2 + 4}
            >
              {station}
            </text>
          ) : null,
        )}
      <text className={styles['run-letter']} x={x(run.asked.from) - 3} y={y + height / 2 + 4}>
        {run.program}
      </text>
    </g>
  );
});

export const RunDrawing = memo(function RunDrawing(props: RunDrawingProps) {
  const { run, scale, axis, rowHeight } = props;
  const say = useSay();
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
      <title>{say(runWords(run))}</title>
      <rect
        className={styles['run-outline']}
        stroke={tint}
        x={scale(from) - 1}
        y={y}
        width={Math.max(3, scale(to) - scale(from) + 2)}
        height={height}
        rx={2}
      />
      <path d={pieces} fill={tint} fillOpacity={run.real === null ? 0.35 : 1} />
      {isMoved && (
        <rect
          className={styles['ghost']}
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
