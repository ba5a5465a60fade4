import { dayOf, formatDateTime, parseDateTime, type DayNumber } from '@water-clock/core/civil-time';
import type { DrawnWater } from '@water-clock/core/diagnosis';
import { shortDate } from '@water-clock/core/words';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useSay } from '../session/use-signed-in';
import { Hatch, useHatch } from '../ui/hatch';
import { useElementSize } from '../ui/use-element-size';
import type { Story, Told } from './story';
import { toldWords, type StationName } from './told-words';
import { longerBy, movedBy, toldOn } from './told-moves';
import { Bar, Hours, Seen } from './week-parts';
import {
  AXIS_HEIGHT,
  daysBetween,
  momentOn,
  onDay,
  ROW_HEIGHT,
  SEEN_HEIGHT,
  SEEN_TOP,
  weekScale,
} from './week-scale';
import styles from './diagnosis.module.css';

interface WeekOfStoryProps {
  readonly story: Story;
  readonly dates: { readonly first: DayNumber; readonly last: DayNumber };
  readonly tool: Told['what'];
  readonly chosen: string | null;
  readonly stations: readonly StationName[];
  readonly water: readonly DrawnWater[];
  /** What the bars below what was seen are. */
  readonly waterIs: string;
  readonly choose: (id: string | null) => void;
  readonly onTell: (told: Omit<Told, 'id'>) => void;
  readonly onChange: (told: Told, key: string) => void;
  readonly onRemove: (id: string) => void;
}

/** Where a finger or a mouse went down on a day, and where it is. */
interface Drag {
  readonly day: DayNumber;
  readonly from: number;
  readonly to: number;
  /** What is moved; null: something new is drawn. */
  readonly moved: Told | null;
}

const A_TAP_SECONDS = 900;
const STEP_SECONDS = 300;

/** A row for each day, from midnight to midnight: what was seen above, and what a cause would water below. */
export function WeekOfStory(props: WeekOfStoryProps) {
  const { story, dates, tool, chosen, stations, water, waterIs, choose } = props;
  const { onTell, onChange, onRemove } = props;
  const say = useSay();
  const [ref, { width }] = useElementSize<HTMLDivElement>();
  const dry = useHatch('--hatch-dry');
  const rain = useHatch('--hatch-rain');
  const [drag, setDrag] = useState<Drag | null>(null);
  // A finger is up again before a slow device has drawn that it was down.
  const held = useRef<Drag | null>(null);
  const hold = (next: Drag | null) => {
    held.current = next;
    setDrag(next);
  };
  const scale = weekScale(width);
  const days = daysBetween(dates.first, dates.last);
  const height = AXIS_HEIGHT + days.length * ROW_HEIGHT;

  const secondAt = (event: PointerEvent): number =>
    scale.second(event.clientX - (ref.current?.getBoundingClientRect().left ?? 0));
  const begin = (event: PointerEvent<SVGElement>, day: DayNumber, moved: Told | null) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    const second = secondAt(event);
    hold({ day, from: second, to: second, moved });
  };
  const go = (event: PointerEvent) => {
    if (held.current) hold({ ...held.current, to: secondAt(event) });
  };
  const end = (event: PointerEvent) => {
    const done = held.current;
    hold(null);
    if (!done) return;
    const { day, from, moved } = done;
    const to = secondAt(event);
    if (moved) {
      choose(moved.id);
      if (to !== from) onChange(movedBy(moved, to - from), `move ${moved.id}`);
      return;
    }
    const [first, last] =
      from === to ? [from, from + A_TAP_SECONDS] : [from, to].sort((a, b) => a - b);
    onTell({
      ...{ what: tool, station: null, from: formatDateTime(momentOn(day, first!)) },
      to: formatDateTime(momentOn(day, last!)),
    });
  };
  const byKey = (event: KeyboardEvent, told: Told) => {
    const by = { ArrowLeft: -STEP_SECONDS, ArrowRight: STEP_SECONDS }[event.key];
    if (event.key === 'Enter' || event.key === ' ') choose(told.id);
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(told.id);
    else if (by !== undefined && event.shiftKey) onChange(longerBy(told, by), `keys ${told.id}`);
    else if (by !== undefined) onChange(movedBy(told, by), `keys ${told.id}`);
    else return;
    event.preventDefault();
  };
  const isDrawn = drag && !drag.moved && drag.from !== drag.to;
  const shown = drag?.moved ? movedBy(drag.moved, drag.to - drag.from) : null;
  return (
    <div ref={ref} className={styles['week']}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="group"
          aria-label={`The days that were watched; bars: ${waterIs}`}
          style={{ ...dry.style, ...rain.style }}
        >
          <Hatch id={dry.id} gap={6} className={styles['hatch-dry'] ?? ''} />
          <Hatch id={rain.id} gap={7} leans="left" className={styles['hatch-rain'] ?? ''} />
          <Hours {...{ scale, height }} />
          {days.map((day, row) => {
            const top = AXIS_HEIGHT + row * ROW_HEIGHT;
            return (
              <g key={day} transform={`translate(0 ${top})`}>
                <line className={styles['row-line']} x1={0} x2={width} y1={0} y2={0} />
                <text x={2} y={18}>
                  {scale.isNarrow ? shortDate(day).replace(/ [A-Z].*$/, '') : shortDate(day)}
                </text>
                <rect
                  className={styles['day']}
                  data-day={shortDate(day)}
                  x={scale.left}
                  y={0}
                  width={scale.width}
                  height={ROW_HEIGHT}
                  onPointerDown={(event) => begin(event, day, null)}
                  onPointerMove={go}
                  onPointerUp={end}
                  onPointerCancel={() => hold(null)}
                />
                {water.map((span) => {
                  const part = onDay(day, span);
                  return (
                    part && (
                      <Bar
                        key={`${span.station} ${span.from}`}
                        {...{ scale, part }}
                        station={span.station}
                      />
                    )
                  );
                })}
                {toldOn(day, story.told, shown).map(({ one, told, part, top: above, height }) => {
                  return (
                    <g
                      key={told.id}
                      role="button"
                      tabIndex={0}
                      className={styles['seen']}
                      data-what={told.what}
                      aria-pressed={told.id === chosen}
                      aria-label={say(toldWords(told, stations))}
                      onPointerDown={(event) => begin(event, dayOf(parseDateTime(told.from)!), one)}
                      onPointerMove={go}
                      onPointerUp={end}
                      onPointerCancel={() => hold(null)}
                      onKeyDown={(event) => byKey(event, one)}
                    >
                      <Seen {...{ scale, part, told, height }} top={above} />
                    </g>
                  );
                })}
                {isDrawn && drag.day === day && (
                  <rect
                    className={styles['drawing']}
                    x={scale.x(Math.min(drag.from, drag.to))}
                    y={SEEN_TOP}
                    width={
                      scale.x(Math.max(drag.from, drag.to)) - scale.x(Math.min(drag.from, drag.to))
                    }
                    height={SEEN_HEIGHT}
                  />
                )}
              </g>
            );
          })}
        </svg>
      )}
      <p className={styles['legend']}>
        <span data-what="watered">seen watering</span>
        <span data-what="dry">seen dry</span>
        <span data-what="rain">rain</span>
        <span data-what="water">{waterIs}</span>
      </p>
    </div>
  );
}
