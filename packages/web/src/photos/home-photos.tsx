import { Link } from 'react-router';
import { counted } from '@water-clock/core/words';
import { PhotoRow } from './photo-strip';
import { usePhotos } from './use-photos';
import pageStyles from '../ui/page.module.css';

const MOST_SHOWN = 8;

/** The last photos at a home, and the way to all of them. */
export function HomePhotos({ propertyId }: { readonly propertyId: string }) {
  const photos = usePhotos(propertyId);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="photos">
      <h2 id="photos">Photos</h2>
      {photos && photos.length > 0 && (
        <PhotoRow label="The last photos" photos={photos.slice(0, MOST_SHOWN)} />
      )}
      <p className={pageStyles['way']}>
        <Link to={`/properties/${propertyId}/photos`}>
          {photos && photos.length > 0
            ? `All ${counted(photos.length, 'photo')}`
            : 'Where the timers hang, their fronts and their wiring'}
        </Link>
      </p>
    </section>
  );
}
