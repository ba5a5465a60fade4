import { clsx } from 'clsx';
import type { MonthWeather } from '@water-clock/core/weather';
import { MONTHS, MONTHS_SHORT } from '@water-clock/core/words';
import { max, scaleBand, scaleLinear } from 'd3';
import { useElementSize } from '../ui/use-element-size';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import styles from './weather-chart.module.css';

interface WeatherChartProps {
  /** January first; null where nothing is known of a month. */
  readonly months: readonly (MonthWeather | null)[];
}

const LABEL = 34;
const ROW = 86;
const TOP = 26;

const rainOfMonth = ({ rainsMm, days }: MonthWeather): number =>
  (rainsMm.reduce((sum, rain) => sum + rain, 0) / days) * 30.4;

/** A year of weather by the month: what plants are asked for, and the rain that helps. */
export function WeatherChart({ months }: WeatherChartProps) {
  const [frame, size] = useElementSize<HTMLDivElement>();
  const depth = useQuantity('depth');
  const width = Math.max(300, size.width);
  const x = scaleBand<number>()
    .domain(months.map((_, index) => index))
    .range([LABEL, width])
    .paddingInner(0.18);
  const rows = [
    {
      name: 'et0',
      title: `Evapotranspiration, ${depth.label} a day`,
      of: (month: MonthWeather) => month.et0Mm,
    },
    { name: 'rain', title: `Rain, ${depth.label} a month`, of: rainOfMonth },
  ];
  return (
    <div ref={frame} className={styles['weather-chart']}>
      <svg
        width={width}
        height={rows.length * (ROW + TOP) + 18}
        role="img"
        aria-label={inWords(months, depth)}
      >
        {rows.map(({ name, title, of }, row) => {
          const most = max(months, (month) => (month ? of(month) : 0)) || 1;
          const y = scaleLinear().domain([0, most]).range([ROW, 0]);
          return (
            <g key={name} transform={`translate(0 ${row * (ROW + TOP) + TOP})`}>
              <text className={styles['weather-title']} x={LABEL} y={-6}>
                {title}
              </text>
              <line className={styles['weather-ground']} x1={LABEL} x2={width} y1={ROW} y2={ROW} />
              {months.map((month, index) =>
                month ? (
                  <g key={index} transform={`translate(${x(index)!} 0)`}>
                    <rect
                      className={styles[`weather-${name}`]}
                      y={y(of(month))}
                      width={x.bandwidth()}
                      height={ROW - y(of(month))}
                    />
                    <text
                      className={clsx(styles['weather-value'], 'figures')}
                      x={x.bandwidth() / 2}
                      y={Math.min(ROW - 4, y(of(month)) + 13)}
                      data-outside={ROW - y(of(month)) < 18}
                      {...(ROW - y(of(month)) < 18 && { y: y(of(month)) - 4 })}
                    >
                      {shownAmount(
                        of(month),
                        name === 'rain' ? { ...depth, decimals: depth.decimals - 1 } : depth,
                      )}
                    </text>
                  </g>
                ) : (
                  <text
                    key={index}
                    className={styles['weather-value']}
                    data-outside="true"
                    x={x(index)! + x.bandwidth() / 2}
                    y={ROW - 4}
                  >
                    ?
                  </text>
                ),
              )}
            </g>
          );
        })}
        {months.map((_, index) => (
          <text
            key={index}
            className={styles['weather-month']}
            x={x(index)! + x.bandwidth() / 2}
            y={rows.length * (ROW + TOP) + 14}
          >
            {MONTHS_SHORT[index]}
          </text>
        ))}
      </svg>
    </div>
  );
}

function inWords(
  months: readonly (MonthWeather | null)[],
  depth: ReturnType<typeof useQuantity>,
): string {
  return months
    .map((month, index) =>
      month
        ? `${MONTHS[index]}: ${shownAmount(month.et0Mm, depth)} ${depth.label} a day are used up, ${shownAmount(rainOfMonth(month), depth)} ${depth.label} of rain`
        : `${MONTHS[index]}: not known`,
    )
    .join('; ');
}
