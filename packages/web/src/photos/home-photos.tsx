import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { timersOfPropertyQuery } from '../api/properties';
import { todayHere } from '../format/today';
import { PhotoRow } from './photo-strip';
import { useLastPhotos } from './use-photos';
import pageStyles from '../ui/page.module.css';

const MOST_SHOWN = 8;

/** The last photos at a home, and the way to all of them. */
export function HomePhotos({ propertyId }: { readonly propertyId: string }) {
  const timers = useQuery(timersOfPropertyQuery(propertyId, todayHere())).data;
  const timerIds = useMemo(() => (timers ?? []).map(({ id }) => id), [timers]);
  const last = useLastPhotos(propertyId, timerIds);
  const hasSome = last !== undefined && last.total > 0;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="photos">
      <h2 id="photos">Photos</h2>
      {hasSome && <PhotoRow label="The last photos" photos={last.photos.slice(0, MOST_SHOWN)} />}
      <p className={pageStyles['way']}>
        <Link to={`/properties/${propertyId}/photos`}>
          {hasSome
            ? `All ${counted(last.total, 'photo')}`
            : 'Where the timers hang, their fronts and their wiring'}
        </Link>
      </p>
    </section>
  );
}
