import { useQueries, useQuery } from '@tanstack/react-query';
import { copiesQuery } from '../api/copies';
import { homeEventsQuery } from '../api/history';
import { sheetsQuery } from '../api/sheets';
import { tellingsQuery } from '../api/tellings';
import { jobsQuery, visitsQuery } from '../api/visits';
import { usePhotos } from '../photos/use-photos';
import { happeningsOf, type Happening, type OfTimer } from './happenings';

/** One line of time of a home, the newest first; undefined until all of it has come. */
export function useHappenings(
  propertyId: string,
  timerIds: readonly string[],
): readonly Happening[] | undefined {
  const jobs = useQuery(jobsQuery(propertyId)).data;
  const photos = usePhotos(propertyId, timerIds);
  const events = useQuery(homeEventsQuery(propertyId)).data;
  const visits = useQueries({ queries: timerIds.map((id) => visitsQuery(id)) });
  const copies = useQueries({ queries: timerIds.map((id) => copiesQuery(id)) });
  const sheets = useQueries({ queries: timerIds.map((id) => sheetsQuery(id)) });
  const tellings = useQueries({ queries: timerIds.map((id) => tellingsQuery(id)) });
  const timers = timerIds.map((timerId, index): Partial<OfTimer> & { timerId: string } => ({
    timerId,
    ...(visits[index]?.data && { visits: visits[index].data }),
    ...(copies[index]?.data && { copies: copies[index].data }),
    ...(sheets[index]?.data && { sheets: sheets[index].data }),
    ...(tellings[index]?.data && { tellings: tellings[index].data }),
  }));
  const whole = timers.every(isWhole) ? timers.filter(isWhole) : undefined;
  return jobs && photos && events && whole
    ? happeningsOf({ timers: whole, jobs, photos, events })
    : undefined;
}

const isWhole = (timer: Partial<OfTimer> & { timerId: string }): timer is OfTimer =>
  Boolean(timer.visits && timer.copies && timer.sheets && timer.tellings);
