import type { Plan } from '@water-clock/core/settings';
import { Checkbox } from 'antd';
import { FlowInput } from './flow-input';
import { shownAmount, type Quantity } from '../format/quantities';
import { useQuantity } from '../session/use-signed-in';
import { grouped } from '../water/stations-table';
import type { OpenVisit } from '../timer-records/use-visit';
import { useYearOfStations } from '../computing/use-year-of-stations';
import { later } from '../ui/later';
import { flowWords, pressureWords } from './flow-words';
import { flowOf, type FlowTyped } from './station-seen';
import { useFlows, type FlowAt } from './use-flows';
import pageStyles from '../ui/page.module.css';
import styles from './walk-page.module.css';

interface FlowFieldProps {
  readonly open: OpenVisit;
  readonly station: number;
  readonly plan: Plan;
  readonly typed: FlowTyped;
  /** Reads the meter of a simulated timer, in litres a minute; null where none hangs. */
  readonly readFlow: (() => number) | null;
  readonly onChange: (typed: FlowTyped) => void;
}

const FlowPlot = later(() => import('./flow-plot'), 'FlowPlot');

const isOff = ({ verdict }: FlowAt): boolean => verdict === 'high' || verdict === 'low';

/** What a station takes while it runs, held against what it took before. */
export function FlowField({ open, station, plan, typed, readFlow, onChange }: FlowFieldProps) {
  const [unit, volume] = [useQuantity('flow'), useQuantity('volume')];
  const read = flowOf(typed, unit, volume);
  const flow = typeof read === 'object' ? read : null;
  const { all, pressureRatio } = useFlows(open, flow && { station, ...flow, isNew: typed.isNew });
  const own = all.filter((one) => one.station === station);
  const now = flow ? own.at(-1) : undefined;
  return (
    <fieldset className={styles['flow']}>
      <legend>Flow, with nobody else drawing water</legend>
      <FlowInput {...{ typed, readFlow, onChange }} />
      <p role="status" className={styles['flow-says']} data-verdict={now?.verdict}>
        {typeof read === 'string' ? read : now && saysOf(own, unit)}
      </p>
      {now && pressureRatio !== null && <p>{pressureWords(pressureRatio)}</p>}
      {own.length > 0 && <FlowPlot flows={own} {...{ unit }} />}
      {now && (isOff(now) || typed.isNew) && (
        <Checkbox
          checked={typed.isNew}
          onChange={(event) => onChange({ ...typed, isNew: event.target.checked })}
        >
          Something was changed here: it counts anew from now on
        </Checkbox>
      )}
      {now && <AYear {...{ plan, station }} lpm={now.lpm} />}
    </fieldset>
  );
}

/** The last of some flows in words, and what it says. */
function saysOf(flows: readonly FlowAt[], unit: Quantity): string {
  const now = flows.at(-1)!;
  const usualLast = flows.slice(0, -1).findLast((one) => !isOff(one));
  return `${shownAmount(now.lpm, unit)} ${unit.label}. ${flowWords(now, usualLast?.at, unit)}`;
}

interface AYearProps {
  readonly plan: Plan;
  readonly station: number;
  readonly lpm: number;
}

const A_MINUTE = 60;

/** What a station takes in a year, as the timer is set now. */
function AYear({ plan, station, lpm }: AYearProps) {
  const volume = useQuantity('volume');
  const year = useYearOfStations(plan);
  if (!year) return null;
  const litres = ((year.get(station) ?? 0) / A_MINUTE) * lpm;
  return (
    <p className={pageStyles['soft']}>
      At today&rsquo;s settings it takes {grouped(litres / volume.inSi)} {volume.label} a year.
    </p>
  );
}
