import { clsx } from 'clsx';
import {
  asDayNumber,
  addDays,
  civilDateOf,
  weekdayOf,
  type DayNumber,
} from '@water-clock/core/civil-time';
import {
  counted,
  nearMoment,
  lengthInWords,
  longDate,
  MONTHS_SHORT,
} from '@water-clock/core/words';
import { scaleLinear } from 'd3';
import { memo, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useElementSize } from '../../ui/use-element-size';
import { programTint } from '../board/program-tint';
import type { YearModel, YearMonth, YearNight } from '../../computing/year-model';
import { useSay } from '../../session/use-signed-in';
import { Hatch, useHatch } from '../../ui/hatch';
import styles from './year-board.module.css';

interface YearBoardProps {
  readonly model: YearModel;
  /** The first night on the board of nights. */
  readonly night: DayNumber;
  readonly onOpen: (night: DayNumber) => void;
}

const LABEL_WIDTH = 104;
const HEAD_HEIGHT = 18;
const DAYS = 31;

/** Twelve months of nights: how long each program waters, and where runs collide. */
export const YearBoard = memo(function YearBoard({ model, night, onOpen }: YearBoardProps) {
  const [frame, size] = useElementSize<HTMLDivElement>();
  const svg = useRef<SVGSVGElement>(null);
  const say = useSay();
  const hatch = useHatch();
  const [pointed, setPointed] = useState<DayNumber | null>(null);
  const width = Math.max(360, size.width);
  const cellWidth = (width - LABEL_WIDTH - 6) / DAYS;
  const rowHeight = Math.max(26, Math.floor((size.height - HEAD_HEIGHT - 2) / model.months.length));
  const height = useMemo(
    () =>
      scaleLinear()
        .domain([0, Math.max(1, model.mostSeconds)])
        .range([0, rowHeight - 5]),
    [model.mostSeconds, rowHeight],
  );
  const nights = model.months.flatMap((month) => month.nights);
  const tabStop = nights.some(({ day }) => day === night) ? night : nights[0]!.day;
  const told = nights.find(({ day }) => day === pointed);

  const nightAt = (target: EventTarget): DayNumber | null => {
    const part = target instanceof Element ? target.closest('[data-night]') : null;
    const day = part?.getAttribute('data-night');
    return day ? asDayNumber(Number(day)) : null;
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const at = nightAt(event.target);
    if (at === null || event.ctrlKey || event.metaKey || event.altKey) return;
    const steps: Record<string, number> = {
      ArrowLeft: -1,
      ArrowRight: 1,
      ArrowUp: -daysToSameDate(at, -1),
      ArrowDown: daysToSameDate(at, 1),
    };
    const step = steps[event.key];
    if (event.key === 'Enter' || event.key === ' ') onOpen(at);
    else if (step !== undefined)
      svg.current?.querySelector<SVGGElement>(`[data-night="${addDays(at, step)}"]`)?.focus();
    else return;
    event.preventDefault();
  };

  return (
    <>
      <div className={styles['year-board']} ref={frame}>
        <svg
          style={hatch.style}
          ref={svg}
          width={width}
          height={HEAD_HEIGHT + rowHeight * model.months.length + 2}
          role="group"
          aria-label="Year: every night of twelve months"
          onKeyDown={onKeyDown}
          onClick={(event) => {
            const at = nightAt(event.target);
            if (at !== null) onOpen(at);
          }}
          onPointerOver={(event) => setPointed(nightAt(event.target))}
          onPointerLeave={() => setPointed(null)}
          onFocus={(event) => setPointed(nightAt(event.target))}
        >
          <Hatch id={hatch.id} gap={5} className={clsx(styles['year-hatch'])} />
          <g aria-hidden="true" className="figures">
            {Array.from({ length: DAYS }, (_, index) => (
              <text
                key={index}
                className={styles['year-date']}
                x={LABEL_WIDTH + (index + 0.5) * cellWidth}
                y={13}
              >
                {index + 1}
              </text>
            ))}
          </g>
          {model.months.map((month, row) => (
            <g
              key={`${month.year} ${month.month}`}
              transform={`translate(0 ${HEAD_HEIGHT + row * rowHeight})`}
            >
              <MonthLabel month={month} rowHeight={rowHeight} />
              {month.nights.map((one, index) => (
                <NightCell
                  key={one.day}
                  {...{ one, height, rowHeight }}
                  programs={model.programs}
                  x={LABEL_WIDTH + index * cellWidth}
                  width={cellWidth}
                  isShown={one.day === night}
                  isTabStop={one.day === tabStop}
                  isFirstCollision={one.day === model.first?.night}
                />
              ))}
            </g>
          ))}
        </svg>
      </div>
      <p className={styles['year-told']} aria-live="polite">
        {say(told ? nightWords(told, model.programs) : yearWords(model))}
      </p>
    </>
  );
});

/** How many days to the same date of the month before or after, or to that month's last date. */
function daysToSameDate(day: DayNumber, months: 1 | -1): number {
  const { month, day: date } = civilDateOf(day);
  const wanted = ((month - 1 + months + 12) % 12) + 1;
  for (let days = 31; days >= 28; days--) {
    const there = civilDateOf(addDays(day, months * days));
    if (there.month === wanted && there.day === date) return days;
  }
  return months > 0 ? civilDateOf(addDays(day, 28)).day : date;
}

function nightWords({ day, secondsByProgram, collisions }: YearNight, programs: readonly string[]) {
  const parts = programs.flatMap((program, order) =>
    secondsByProgram[order]! > 0
      ? `program ${program} ${lengthInWords(secondsByProgram[order]!)}`
      : [],
  );
  const collided = collisions > 0 ? `; ${counted(collisions, 'collision')}` : '';
  return `Night of ${longDate(day)}: ${parts.join(', ') || 'nothing waters'}${collided}`;
}

function yearWords({ since, first, mostSeconds }: YearModel): string {
  const busiest =
    mostSeconds === 0
      ? 'Nothing waters on any night of the year.'
      : `The tallest night waters ${lengthInWords(mostSeconds)}.`;
  return first
    ? `First collision: ${nearMoment(first.start, since)}. ${busiest}`
    : `No two runs overlap. ${busiest}`;
}

interface MonthLabelProps {
  readonly month: YearMonth;
  readonly rowHeight: number;
}

function MonthLabel({ month: { year, month, percents }, rowHeight }: MonthLabelProps) {
  const [least, most] = [Math.min(...percents), Math.max(...percents)];
  const percentText = least < most ? `${least}–${most} %` : `${most} %`;
  return (
    <g>
      <line className={styles['year-line']} x2="100%" y1={0} y2={0} />
      <text className={styles['year-month']} x={8} y={rowHeight / 2 + 4}>
        {MONTHS_SHORT[month - 1]}
        {month === 1 && <tspan className={styles['year-number']}> {year}</tspan>}
      </text>
      {percents.length > 0 && (
        <text className={styles['year-percent']} x={LABEL_WIDTH - 8} y={rowHeight / 2 + 4}>
          {percentText}
        </text>
      )}
    </g>
  );
}

interface NightCellProps {
  readonly one: YearNight;
  readonly programs: readonly string[];
  readonly height: (seconds: number) => number;
  readonly rowHeight: number;
  readonly x: number;
  readonly width: number;
  readonly isShown: boolean;
  readonly isTabStop: boolean;
  readonly isFirstCollision: boolean;
}

const NightCell = memo(function NightCell(props: NightCellProps) {
  const { one, programs, height, rowHeight, x, width } = props;
  const isWeekend = weekdayOf(one.day) >= 6;
  const floors = one.secondsByProgram.map((_, order) =>
    one.secondsByProgram.slice(0, order).reduce((sum, seconds) => sum + seconds, 0),
  );
  return (
    <g
      className={styles['year-night']}
      transform={`translate(${x} 0)`}
      data-night={one.day}
      data-collides={one.collisions > 0}
      data-first={props.isFirstCollision}
      role="button"
      tabIndex={props.isTabStop ? 0 : -1}
      aria-label={nightWords(one, programs)}
    >
      <rect
        className={styles['year-ground']}
        data-weekend={isWeekend}
        width={width}
        height={rowHeight}
      />
      {one.secondsByProgram.map((seconds, order) =>
        seconds > 0 ? (
          <rect
            key={order}
            x={2}
            y={rowHeight - 1 - height(floors[order]! + seconds)}
            width={Math.max(1, width - 4)}
            height={height(seconds)}
            fill={programTint(order)}
          />
        ) : null,
      )}
      {one.collisions > 0 && (
        <rect
          className={styles['year-collision']}
          x={1}
          y={2}
          width={width - 2}
          height={rowHeight - 3}
        />
      )}
      {props.isShown && (
        <path className={styles['year-shown']} d={`M${width / 2 - 4} 1h8l-4 5z`}>
          <title>The first night on the board</title>
        </path>
      )}
    </g>
  );
});
