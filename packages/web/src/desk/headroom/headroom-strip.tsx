import { clsx } from 'clsx';
import type { GridPercent } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { memo, useMemo } from 'react';
import { useElementSize } from '../../ui/use-element-size';
import type { AllDates } from '../../computing/desk-model';
import { marksOf, type PercentMark } from './percent-marks';
import { Hatch, useHatch } from '../../ui/hatch';
import styles from './headroom-strip.module.css';

interface HeadroomStripProps {
  readonly allDates: AllDates;
  readonly season: Plan['controller']['season'];
  readonly programs: Plan['programs'];
  /** The month of the date judged from, 1 to 12. */
  readonly month: number;
}

const BAND_HEIGHT = 12;
const LABEL_HEIGHT = 13;
const LETTER_WIDTH = 7;
const MARGIN = 8;
/** Between bands, of a band; where there are too many of them, none. */
const GAP = 0.12;
const MOST_WITH_GAPS = 40;

/** Bands of one width, side by side; the library's scale would bring three times as much to the desk's first screen. */
function bandsOf(gridPercents: readonly GridPercent[], width: number) {
  const gap = gridPercents.length > MOST_WITH_GAPS ? 0 : GAP;
  const step = (width - 2 * MARGIN) / (gridPercents.length - gap);
  const places = new Map(gridPercents.map(({ percent }, index) => [percent, index]));
  return {
    width: step * (1 - gap),
    left: (percent: number) => MARGIN + step * places.get(percent)!,
  };
}

/** Every percentage of the timer: where all stays clear, where runs collide, and what is set. */
export const HeadroomStrip = memo(function HeadroomStrip(props: HeadroomStripProps) {
  const { allDates, season, programs, month } = props;
  const [frame, size] = useElementSize<HTMLDivElement>();
  const hatch = useHatch();
  const width = Math.max(200, size.width);
  const { gridPercents, headroomPercent } = allDates;
  const bands = useMemo(() => bandsOf(gridPercents, width), [gridPercents, width]);
  if (gridPercents.length === 0) return null;
  const marks = marksOf(season, programs, month, gridPercents);
  const centre = (percent: number) => bands.left(percent) + bands.width / 2;
  const placed = inRows(marks, centre, width);
  const rows = 1 + Math.max(0, ...placed.map(({ row }) => row ?? 0));
  const bandTop = rows * LABEL_HEIGHT + 6;
  return (
    <div className={styles['headroom']}>
      <h2>
        Headroom
        <span>
          {headroomPercent === null ? 'none is clear' : `clear to ${headroomPercent}\u00a0%`}
        </span>
      </h2>
      <div ref={frame}>
        <svg
          style={hatch.style}
          width={width}
          height={bandTop + BAND_HEIGHT + 15}
          role="img"
          aria-label={inWords(gridPercents, marks)}
        >
          <Hatch id={hatch.id} gap={5} className={clsx(styles['headroom-hatch'])} />
          {gridPercents.map(({ percent, isClear }, index) => (
            <g key={percent} transform={`translate(${bands.left(percent)} ${bandTop})`}>
              <rect
                className={styles['headroom-cell']}
                data-clear={isClear}
                data-percent={percent}
                width={bands.width}
                height={BAND_HEIGHT}
              >
                <title>{`${percent} %: ${isClear ? 'clear on every date' : 'runs collide'}`}</title>
              </rect>
              {isLabelled(index, gridPercents.length) && (
                <text className="figures" x={bands.width / 2} y={BAND_HEIGHT + 13}>
                  {percent}
                </text>
              )}
            </g>
          ))}
          {placed.map(({ mark, x, row }) => (
            <g key={mark.percent} data-mark={mark.label}>
              <title>{mark.words}</title>
              {row !== null && (
                <text className={styles['headroom-mark']} x={x} y={(rows - row) * LABEL_HEIGHT - 2}>
                  {mark.label}
                </text>
              )}
              <path
                className={styles['headroom-pointer']}
                d={`M${centre(mark.percent) - 4} ${bandTop - 6}h8l-4 6z`}
              />
            </g>
          ))}
        </svg>
      </div>
    </div>
  );
});

interface PlacedMark {
  readonly mark: PercentMark;
  readonly x: number;
  /** 0 is the row next to the band; null where no row has room: the pointer has a tip all the same. */
  readonly row: number | null;
}

const ROWS = 2;

/** Gives each label a row in which it covers no other; what is in force now comes first. */
function inRows(
  marks: readonly PercentMark[],
  centre: (percent: number) => number,
  width: number,
): PlacedMark[] {
  const taken = Array.from({ length: ROWS }, (): [number, number][] => []);
  return [...marks]
    .sort((a, b) => Number(b.isNow) - Number(a.isNow))
    .map((mark) => {
      const half = (mark.label.length * LETTER_WIDTH) / 2 + 2;
      const x = Math.min(width - half, Math.max(half, centre(mark.percent)));
      const row = taken.findIndex((spans) =>
        spans.every(([from, to]) => x + half <= from || x - half >= to),
      );
      taken[row]?.push([x - half, x + half]);
      return { mark, x, row: row < 0 ? null : row };
    });
}

const isLabelled = (index: number, count: number): boolean => {
  const every = Math.max(1, Math.ceil(count / 8));
  return index % every === 0;
};

function inWords(cells: readonly GridPercent[], marks: readonly PercentMark[]): string {
  const list = (isClear: boolean) =>
    cells.filter((cell) => cell.isClear === isClear).map(({ percent }) => percent);
  const [clear, colliding] = [list(true), list(false)];
  const parts = [
    clear.length > 0 ? `Clear at ${clear.join(', ')} %.` : 'Clear at none.',
    colliding.length > 0 ? `Runs collide at ${colliding.join(', ')} %.` : '',
    ...marks.map(({ words }) => `${words}.`),
  ];
  return parts.filter(Boolean).join(' ');
}
