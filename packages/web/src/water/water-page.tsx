import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { copiesQuery } from '../api/copies';
import { timerQuery } from '../api/timers';
import { weatherQuery } from '../api/weather';
import { useStoredYard } from '../offline/use-stored';
import { EmptyState } from '../ui/empty-state';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { SeasonChoice } from './season-choice';

/** A season at the roots: what settings put down, what plants need, what is wasted and what it costs. */
export function WaterPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const yard = useStoredYard(timerId);
  const copies = useQuery(copiesQuery(timerId));
  const weatherId = timer.data?.property.weatherId ?? null;
  const weather = useQuery({ ...weatherQuery(weatherId), enabled: timer.data !== undefined });
  return (
    <Loaded what="The water" missing="timer" queries={[timer, yard, copies, weather]}>
      {() => {
        const { property, id, name } = timer.data!;
        const crumbs = [
          { to: `/properties/${property.id}`, name: property.name },
          { to: `/timers/${id}`, name },
        ];
        const { stations } = yard.data!.document;
        if (weather.data && stations.length > 0)
          return (
            <Page title="Water" crumbs={crumbs}>
              <SeasonChoice
                timer={timer.data!}
                yard={yard.data!.document}
                copies={copies.data!}
                weather={weather.data.document}
              />
            </Page>
          );
        return (
          <Page title="Water" crumbs={crumbs}>
            {weather.data ? (
              <EmptyState title="No stations yet" text="Enter the stations in the yard first.">
                <Link to={`/timers/${id}/yard`}>To the yard</Link>
              </EmptyState>
            ) : (
              <EmptyState
                title="No weather yet"
                text="What a season needs depends on its weather: choose the district's, or enter this home's."
              >
                <Link to={`/properties/${property.id}/edit`}>Choose its weather</Link>
              </EmptyState>
            )}
          </Page>
        );
      }}
    </Loaded>
  );
}
