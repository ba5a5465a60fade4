import { memo } from 'react';
import { addDays } from '@water-clock/core/civil-time';
import { longDate } from '@water-clock/core/words';
import { holdWords } from './hold-words';
import { besideDate, bothDates, dayInMonth, hasRoomAtMidnight, MIDNIGHT } from './night-dates';
import type { BoardNight, NightSpan } from '../../computing/board-model';
import { clip, LABEL_WIDTH, type Scale } from './board-scale';
import { CollisionMark } from './collision-mark';
import { useSay } from '../../session/use-signed-in';
import { RunDrawing, RunLabels, runWords } from './run-drawing';
import styles from './night-board.module.css';

interface NightRowProps {
  readonly night: BoardNight;
  readonly y: number;
  readonly scale: Scale;
  readonly axis: NightSpan;
  readonly rowHeight: number;
  readonly width: number;
  /** The first row of the board: it names its month. */
  readonly isFirst: boolean;
  /** The selected run, if it is in this night. */
  readonly selected: string | null;
  /** The run that Tab comes to, if it is in this night. */
  readonly tabStop: string | null;
}

/** One night of the board: its hours, its runs, and where they collide. */
export const NightRow = memo(function NightRow(props: NightRowProps) {
  const { night, y, scale, axis, rowHeight, width, selected, tabStop, isFirst } = props;
  const say = useSay();
  return (
    <g transform={`translate(0 ${y})`}>
      <NightBack
        {...{ night, scale, axis, rowHeight, width, isFirst }}
        isSelected={selected !== null}
      />
      {night.runs.map((run) => (
        <g
          key={run.key}
          className={styles['run']}
          data-run={run.key}
          data-program={run.program}
          data-selected={run.key === selected}
          role="button"
          tabIndex={run.key === tabStop ? 0 : -1}
          aria-label={say(runWords(run))}
          aria-pressed={run.key === selected}
        >
          <RunDrawing {...{ run, scale, axis, rowHeight }} />
        </g>
      ))}
      {night.runs.map((run) => (
        <RunLabels key={run.key} {...{ run, scale, axis, rowHeight }} />
      ))}
      {night.collisions.map((collision) => (
        <CollisionMark
          key={`${collision.a.key} ${collision.b.key}`}
          {...{ collision, night, axis, scale, rowHeight }}
        />
      ))}
    </g>
  );
});

interface NightBackProps {
  readonly night: BoardNight;
  readonly scale: Scale;
  readonly axis: NightSpan;
  readonly rowHeight: number;
  readonly width: number;
  readonly isSelected: boolean;
  readonly isFirst: boolean;
}

function NightBack(props: NightBackProps) {
  const { night, scale, axis, rowHeight, width, isSelected, isFirst } = props;
  const isWeekend = (((night.day + 3) % 7) + 7) % 7 >= 5;
  return (
    <g aria-hidden="true">
      {isSelected && (
        <rect className={styles['night-selected']} width={LABEL_WIDTH - 6} height={rowHeight} />
      )}
      <line className={styles['row-line']} x2={width} y1={rowHeight} y2={rowHeight} />
      <text className={isWeekend ? styles['weekend'] : undefined} x={10} y={rowHeight / 2 + 4}>
        {bothDates(night.day, isFirst)}
        <title>{`Night from ${longDate(night.day)} to ${longDate(addDays(night.day, 1))}`}</title>
      </text>
      {axis.from < MIDNIGHT && MIDNIGHT < axis.to && hasRoomAtMidnight(night, scale) && (
        <text className={styles['second-date']} x={scale(MIDNIGHT) + 4} y={11}>
          {dayInMonth(addDays(night.day, 1))}
        </text>
      )}
      {night.forbidden.map((hours) => {
        const { from, to } = clip(hours, axis);
        return to > from ? (
          <rect
            key={from}
            fill="var(--hatch-forbidden)"
            x={scale(from)}
            width={scale(to) - scale(from)}
            height={rowHeight}
          >
            <title>No watering in these hours</title>
          </rect>
        ) : null;
      })}
      <Holds {...{ night, axis, scale, rowHeight }} />
      {night.sunrise !== null && night.sunrise > axis.from && night.sunrise < axis.to && (
        <line
          className={styles['sunrise']}
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
}

const WORDS_PIXELS = 7;

/** When the timer lets nothing water for a while, why, and what of the night that takes away. */
function Holds({
  night,
  axis,
  scale,
  rowHeight,
}: Pick<NightBackProps, 'night' | 'axis' | 'scale' | 'rowHeight'>) {
  return night.holds.map((hold, index) => {
    const { from, to } = clip(hold, axis);
    if (to <= from) return null;
    const [left, right] = [scale(from), scale(to)];
    const words = holdWords(hold.why, index === 0 ? night.leftOut : 0);
    // Where it begins, or behind the last run that was under way by then.
    const start = night.runs
      .map(({ asked, real }) => scale(Math.max(asked.to, real?.to ?? 0)))
      .filter((end) => end > left && end < right)
      .reduce((most, end) => Math.max(most, end), left);
    const x = besideDate(start + 6, words.length * WORDS_PIXELS, scale(MIDNIGHT));
    return (
      <g key={`${hold.why} ${hold.from}`}>
        <rect
          className={styles['hold']}
          x={left}
          width={right - left}
          y={1}
          height={rowHeight - 2}
        />
        {right - x > words.length * WORDS_PIXELS && (
          <text className={styles['hold-words']} x={x} y={rowHeight / 2 + 4}>
            {words}
          </text>
        )}
      </g>
    );
  });
}
