import type { NightSpan } from '../../computing/board-model';
import { useClock } from '../../session/use-signed-in';
import { hourLabel } from '../../format/clock-style';
import { AXIS_HEIGHT, RIGHT_MARGIN, type Scale } from './board-scale';
import styles from './night-board.module.css';

/** Half of the widest hour, in pixels. */
const LABEL_HALF = 24;

export function HourAxis({
  scale,
  axis,
  height,
}: {
  scale: Scale;
  axis: NightSpan;
  height: number;
}) {
  const clock = useClock();
  const hours = [];
  const hourWidth = scale(axis.from + 3600) - scale(axis.from);
  const every = Math.max(1, Math.ceil((clock === '24' ? 30 : 56) / hourWidth));
  for (let second = Math.ceil(axis.from / 3600) * 3600; second <= axis.to; second += 3600) {
    const hour = (second / 3600 + 12) % 24;
    hours.push({ second, hour, isLabelled: hour % every === 0 });
  }
  return (
    <g aria-hidden="true" className="figures">
      {hours.map(({ second, hour, isLabelled }) => (
        <g key={second} transform={`translate(${scale(second)} 0)`}>
          {isLabelled && (
            <text
              className={styles['hour']}
              y={15}
              // At the very edge there is room on one side only.
              {...(scale(axis.to) - scale(second) < LABEL_HALF && {
                x: RIGHT_MARGIN - 2,
                style: { textAnchor: 'end' as const },
              })}
            >
              {hourLabel(hour, clock)}
            </text>
          )}
          <line
            className={styles[hour === 0 ? 'midnight-line' : 'hour-line']}
            y1={AXIS_HEIGHT}
            y2={height}
          />
        </g>
      ))}
    </g>
  );
}

/** What the marks on the board mean. */
export function BoardLegend({ hasHolds }: { readonly hasHolds: boolean }) {
  const marks = [
    ['collision', 'runs collide'],
    ['ghost', 'what the timer really does'],
    ['sunrise', 'sunrise'],
    ['forbidden', 'no watering in these hours'],
    ...(hasHolds ? [['hold', 'held back: on hold, day off, switch, rain'] as const] : []),
  ] as const;
  return (
    <ul className={styles['board-legend']} aria-label="Marks on the board">
      {marks.map(([mark, words]) => (
        <li key={mark}>
          <span className={styles['legend-mark']} data-mark={mark} aria-hidden="true" />
          {words}
        </li>
      ))}
    </ul>
  );
}
