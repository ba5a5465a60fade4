import { MOST_SHARED_PHOTOS } from '@water-clock/core/photos';
import { counted } from '@water-clock/core/words';
import { usePhotos } from './use-photos';
import { photoWords } from './photo-of';
import pageStyles from '../ui/page.module.css';
import styles from './photos.module.css';

const NONE: readonly string[] = [];

interface PhotoChoiceProps {
  readonly propertyId: string;
  readonly timerId: string;
  readonly chosen: readonly string[];
  readonly onChange: (chosen: readonly string[]) => void;
}

/** Photos of a timer, to be chosen for whoever has a link; nothing where there are none. */
export function PhotoChoice({ propertyId, timerId, chosen, onChange }: PhotoChoiceProps) {
  // Those that wait on this device nobody else can be shown.
  const photos = usePhotos(propertyId, NONE);
  const own = photos?.filter((photo) => photo.timerId === timerId) ?? [];
  if (own.length === 0) return null;
  const toggle = (id: string) =>
    onChange(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <div role="group" aria-label="Photos that the link shows">
      <p className={pageStyles['soft']}>
        {chosen.length === 0
          ? 'The link shows no photo. Tap those that the household is to see, with their notes.'
          : `The link shows ${counted(chosen.length, 'photo')}, with notes and pins.`}
      </p>
      <ul className={styles['row']}>
        {own.map((photo) => (
          <li key={photo.id}>
            <button
              type="button"
              className={styles['small']}
              aria-label={photoWords(photo)}
              aria-pressed={chosen.includes(photo.id)}
              disabled={!chosen.includes(photo.id) && chosen.length >= MOST_SHARED_PHOTOS}
              onClick={() => toggle(photo.id)}
            >
              <img src={photo.small} alt="" loading="lazy" decoding="async" />
            </button>
            {chosen.includes(photo.id) && (
              <span className={styles['count']}>✓ {chosen.indexOf(photo.id) + 1}</span>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
