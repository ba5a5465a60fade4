import { scaleLinear, scaleTime } from 'd3-scale';
import { shownAmount, type Quantity } from '../format/quantities';
import type { FlowAt } from './use-flows';
import styles from './walk-page.module.css';

const [WIDTH, HEIGHT, MARGIN] = [300, 92, 10];
const LABEL = 46;
const DOT = 4;
const ABOVE = 1.15;

interface FlowPlotProps {
  /** Of one station, the oldest first; the last is of this visit. */
  readonly flows: readonly FlowAt[];
  readonly unit: Quantity;
}

/** What a station took at each visit, over the band that is usual for it now. */
export function FlowPlot({ flows, unit }: FlowPlotProps) {
  const last = flows.at(-1)!;
  const x = scaleTime([new Date(flows[0]!.at), new Date(last.at)], [LABEL, WIDTH - MARGIN]);
  const top = Math.max(...flows.map(({ lpm }) => lpm), last.usual?.to ?? 0);
  const y = scaleLinear([0, top * ABOVE], [HEIGHT - MARGIN, MARGIN]);
  const usual = last.usual;
  const says = flows.map(({ at, lpm }) => `${at.slice(0, 10)} ${shownAmount(lpm, unit)}`);
  return (
    <svg
      className={styles['flow-plot']}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Flow by visit, ${unit.label}: ${says.join(', ')}`}
    >
      {usual && (
        <rect
          data-band
          x={LABEL}
          y={y(usual.to)}
          width={WIDTH - LABEL - MARGIN}
          height={Math.max(1, y(usual.from) - y(usual.to))}
        />
      )}
      <line x1={LABEL} x2={WIDTH - MARGIN} y1={y(0)} y2={y(0)} />
      <text x={LABEL - 6} y={y(top)} textAnchor="end" dominantBaseline="middle">
        {shownAmount(top, unit)}
      </text>
      <text x={LABEL - 6} y={y(0)} textAnchor="end" dominantBaseline="middle">
        0
      </text>
      {flows.map(({ at, lpm, verdict }, index) => (
        <g key={at} data-verdict={verdict} data-now={index === flows.length - 1}>
          {verdict === 'high' || verdict === 'low' ? (
            // Not by its colour alone: what is off is a square.
            <rect
              data-dot
              x={x(new Date(at)) - DOT}
              y={y(lpm) - DOT}
              width={DOT * 2}
              height={DOT * 2}
            />
          ) : (
            <circle cx={x(new Date(at))} cy={y(lpm)} r={DOT} />
          )}
        </g>
      ))}
    </svg>
  );
}
