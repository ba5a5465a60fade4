import { clsx } from 'clsx';
import { driestQuarter } from '@water-clock/core/agronomy';
import { max, scaleLinear } from 'd3';
import type { KeyboardEvent } from 'react';
import { Hatch, useHatch } from '../ui/hatch';
import styles from './measure-page.module.css';

interface CupPlanProps {
  readonly millilitres: readonly number[];
  readonly cupsInRow: number;
  /** The place of the cup that is being corrected; null: none. */
  readonly chosen: number | null;
  readonly onChoose: (place: number) => void;
}

const WIDTH = 358;
const CUP = { width: 46, height: 40 };
const ROW = 62;

/** The cups as they stand, the house below: how full each is, and which are the driest quarter. */
export function CupPlan({ millilitres, cupsInRow, chosen, onChoose }: CupPlanProps) {
  const hatch = useHatch();
  const columns = Math.min(cupsInRow, Math.max(1, millilitres.length));
  const rows = Math.ceil(millilitres.length / cupsInRow);
  const step = WIDTH / columns;
  const width = Math.min(CUP.width, step - 6);
  const fill = scaleLinear()
    .domain([0, max(millilitres) || 1])
    .range([0, CUP.height - 4]);
  const driest = new Set(driestQuarter(millilitres));
  const onKeyDown = (event: KeyboardEvent, place: number) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onChoose(place);
  };
  return (
    <svg
      style={hatch.style}
      className={styles['cup-plan']}
      viewBox={`0 0 ${WIDTH} ${rows * ROW + 20}`}
      role="group"
      aria-label="Cups as they stand"
    >
      <Hatch id={hatch.id} gap={6} className={clsx(styles['dry-hatch'])} />
      {millilitres.map((caught, place) => {
        // The first row is nearest to the house, which stands below the plan.
        const row = rows - 1 - Math.floor(place / cupsInRow);
        const x = (place % cupsInRow) * step + (step - width) / 2;
        const isDry = driest.has(place);
        return (
          <g
            key={place}
            className={styles['cup']}
            transform={`translate(${x} ${row * ROW + 4})`}
            data-cup={place + 1}
            data-dry={isDry}
            data-chosen={place === chosen}
            role="button"
            tabIndex={0}
            aria-label={`Cup ${place + 1}: ${caught} mL${isDry ? ', of the driest quarter' : ''}. Correct it`}
            onClick={() => onChoose(place)}
            onKeyDown={(event) => onKeyDown(event, place)}
          >
            <rect className={styles['cup-glass']} width={width} height={CUP.height} rx="3" />
            <rect
              className={styles['cup-water']}
              x="2"
              y={CUP.height - 2 - fill(caught)}
              width={width - 4}
              height={fill(caught)}
            />
            {isDry && (
              <rect className={styles['cup-dry']} width={width} height={CUP.height} rx="3" />
            )}
            <text
              className={clsx('figures', styles['cup-value'])}
              x={width / 2}
              y={CUP.height + 14}
            >
              {caught}
            </text>
          </g>
        );
      })}
      <line
        className={styles['cup-house']}
        x1="0"
        x2={WIDTH}
        y1={rows * ROW + 4}
        y2={rows * ROW + 4}
      />
      <text className={styles['cup-house-name']} x={WIDTH / 2} y={rows * ROW + 17}>
        the house, or where you stood
      </text>
    </svg>
  );
}
