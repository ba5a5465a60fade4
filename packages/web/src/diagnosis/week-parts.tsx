import { useSay } from '../session/use-signed-in';
import type { Told } from './story';
import { AXIS_HEIGHT, WATER_HEIGHT, WATER_TOP, type WeekScale } from './week-scale';
import styles from './diagnosis.module.css';

const HOURS_WIDE = [0, 3, 6, 9, 12, 15, 18, 21, 24];
const HOURS_NARROW = [0, 6, 12, 18, 24];

/** The hours of a day, along the top and down. */
export function Hours({ scale, height }: { scale: WeekScale; height: number }) {
  const say = useSay();
  return (
    <g aria-hidden="true">
      {(scale.isNarrow ? HOURS_NARROW : HOURS_WIDE).map((hour) => (
        <g key={hour}>
          <line
            className={styles['hour-line']}
            x1={scale.x(hour * 3600)}
            x2={scale.x(hour * 3600)}
            y1={AXIS_HEIGHT - 4}
            y2={height}
          />
          {hour < 24 && (
            <text className={styles['hour']} x={scale.x(hour * 3600) + 3} y={13}>
              {say(`${String(hour).padStart(2, '0')}:00`)}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

interface PartProps {
  readonly scale: WeekScale;
  readonly part: { readonly from: number; readonly to: number };
}

const LEAST_WIDTH = 3;
const NUMBER_WIDTH = 13;

/** Water of one station. */
export function Bar({ scale, part, station }: PartProps & { station: number }) {
  const x = scale.x(part.from);
  const width = Math.max(LEAST_WIDTH, scale.x(part.to) - x - 1);
  return (
    <g className={styles['water']} aria-hidden="true">
      <rect x={x} y={WATER_TOP} width={width} height={WATER_HEIGHT} />
      {width >= NUMBER_WIDTH && (
        <text x={x + width / 2} y={WATER_TOP + WATER_HEIGHT - 3}>
          {station}
        </text>
      )}
    </g>
  );
}

/** Wide enough to be hit by a thumb, whatever is drawn. */
const LEAST_HIT = 24;

interface SeenProps extends PartProps {
  readonly told: Told;
  readonly top: number;
  readonly height: number;
}

const TEXT_HEIGHT = 14;

/** One thing that was seen. */
export function Seen({ scale, part, told, top, height }: SeenProps) {
  const x = scale.x(part.from);
  const width = Math.max(told.to === null ? 5 : LEAST_WIDTH, scale.x(part.to) - x);
  const hit = Math.max(LEAST_HIT, width);
  return (
    <>
      <rect
        className={styles['hit']}
        x={x + width / 2 - hit / 2}
        y={top}
        width={hit}
        height={Math.max(height, LEAST_HIT)}
      />
      <rect className={styles['mark']} x={x} y={top} width={width} height={height - 1} rx={3} />
      {told.station !== null && width >= NUMBER_WIDTH && height >= TEXT_HEIGHT && (
        <text x={x + width / 2} y={top + height / 2 + 4}>
          {told.station}
        </text>
      )}
    </>
  );
}
