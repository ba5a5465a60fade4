import { counted } from '@water-clock/core/words';
import { Link } from 'react-router';
import { PhotoRow } from './photo-strip';
import { useLastPhotos, useTimerIds } from './use-photos';
import pageStyles from '../ui/page.module.css';

const MOST_SHOWN = 8;

/** The last photos at a home, and the way to all of them. */
export function HomePhotos({ propertyId }: { readonly propertyId: string }) {
  const last = useLastPhotos(propertyId, useTimerIds(propertyId));
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
