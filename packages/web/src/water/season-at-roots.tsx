import type { Plan } from '@water-clock/core/settings';
import type { MoistureHold, Season, StationSeason } from '@water-clock/core/water-use';
import { counted } from '@water-clock/core/words';
import type { WeatherFile } from '@water-clock/core/weather';
import type { Yard } from '@water-clock/core/yards';
import { Alert, Skeleton } from 'antd';
import { Link } from 'react-router';
import type { Timer } from '../api/timers';
import { EmptyState } from '../ui/empty-state';
import { usePlace } from '../ui/use-place';
import { useWaterWorker } from '../computing/use-water-worker';
import { MonthsTable } from './months-table';
import { RootsChart } from './roots-chart';
import { StationsTable } from './stations-table';
import styles from './water-page.module.css';
import pageStyles from '../ui/page.module.css';

interface SeasonAtRootsProps {
  readonly timer: Timer;
  readonly yard: Yard;
  readonly weather: WeatherFile;
  readonly plans: readonly Plan[];
  readonly names: readonly string[];
  readonly season: Season;
  readonly sensor: { readonly tripMm: number; readonly dryDays: number };
}

/** The season, worked out: every station in numbers, one of them drawn, and the water by the month. */
export function SeasonAtRoots({ timer, ...asked }: SeasonAtRootsProps) {
  const { yard, names } = asked;
  const [search, go] = usePlace();
  const { balances, hasFailed } = useWaterWorker(asked);
  if (hasFailed)
    return (
      <Alert type="error" showIcon title="This season could not be worked out. Reload the page." />
    );
  const first = balances?.[0];
  if (!first) return <Skeleton active />;
  const over = (names.length > 1 && balances[1]) || null;
  const { stations, withoutRate, daysWithoutWeather, season, rainMm } = first;
  const chosen =
    stations.find(({ number }) => number === Number(search.get('station'))) ?? stations[0];
  if (!chosen)
    return (
      <EmptyState
        title="Nobody knows how fast the stations put water down"
        text="Enter their heads in the yard, or make a catch test."
      >
        <Link to={`/timers/${timer.id}/yard`}>To the yard</Link>
      </EmptyState>
    );
  const held = first.held.find(({ number }) => number === chosen.number);
  const nameOf = (number: number) => {
    const station = yard.stations.find((one) => one.number === number);
    return `${number} · ${station?.name ?? 'no name'}`;
  };
  return (
    <div className={styles['water-body']}>
      <div>
        {daysWithoutWeather > 0 && (
          <Alert
            type="warning"
            showIcon
            title={`${daysWithoutWeather} of ${season.days} days have no weather: they count as days on which nothing is used and nothing rains.`}
          />
        )}
        <StationsTable
          balance={first}
          over={over}
          names={names}
          nameOf={nameOf}
          chosen={chosen.number}
          onChoose={(number) => go({ station: String(number) })}
        />
        <p className={pageStyles['soft']}>
          It goes by <Link to={`/weather/${timer.property.weatherId}`}>{asked.weather.name}</Link>.
        </p>
        {withoutRate.length > 0 && (
          <p className={pageStyles['soft']}>
            Left out: station {withoutRate.join(', ')}. Nobody knows how fast{' '}
            {withoutRate.length === 1 ? 'it puts' : 'they put'} water down.{' '}
            <Link to={`/timers/${timer.id}/yard`}>Enter the head in the yard</Link>
          </p>
        )}
      </div>
      <div>
        <section className={pageStyles['sheet']} aria-labelledby="roots">
          <h2 id="roots">{nameOf(chosen.number)}</h2>
          <RootsChart
            season={season}
            rainMm={rainMm}
            station={chosen}
            over={over?.stations.find(({ number }) => number === chosen.number) ?? null}
            holdsFromPercent={
              held && held.sensorStation === held.number ? held.holdsFromPercent : null
            }
          />
          {held && <p>{moistureWords(held, chosen, nameOf)}</p>}
        </section>
        <MonthsTable
          balance={first}
          over={over}
          names={names}
          price={timer.property.waterPrice}
          propertyId={timer.property.id}
        />
      </div>
    </div>
  );
}

/** What the station's moisture sensor would have done, by the balance: what it truly read nobody knows. */
function moistureWords(
  {
    serial,
    number,
    sensorStation,
    holdsFromPercent,
    wateringDays,
    heldDays,
    stressedDays,
  }: MoistureHold,
  { stressed }: StationSeason,
  nameOf: (number: number) => string,
): string {
  const where = sensorStation === number ? '' : `, in the ground of ${nameOf(sensorStation)},`;
  const without = stressed.filter(Boolean).length;
  return `Simulated: moisture sensor ${serial}${where} holds from ${holdsFromPercent} % on. It would hold back ${heldDays} of ${counted(wateringDays, 'day')} of watering, and plants would suffer on ${counted(stressedDays, 'day')}; without it on ${without}.`;
}
