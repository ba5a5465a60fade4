import { useMemo, useState } from 'react';
import { later } from '../ui/later';
import { momentWords } from '../format/moment-words';
import { useClock, useMayChange } from '../session/use-signed-in';
import { AddPhotos } from './add-photos';
import { photoWords, type PhotoOf, type ShownPhoto } from './photo-of';
import { usePhotos } from './use-photos';
import pageStyles from '../ui/page.module.css';
import styles from './photos.module.css';

const PhotoDialog = later(() => import('./photo-dialog'), 'PhotoDialog');

interface PhotoRowProps {
  readonly label: string;
  readonly photos: readonly ShownPhoto[];
  /** Larger, with what each of them shows. */
  readonly isCards?: boolean;
}

/** Small pictures side by side; each opens large. */
export function PhotoRow({ label, photos, isCards = false }: PhotoRowProps) {
  const clock = useClock();
  const [openId, setOpenId] = useState<string | null>(null);
  const open = photos.find(({ id }) => id === openId);
  return (
    <>
      <ul className={styles[isCards ? 'cards' : 'row']} aria-label={label}>
        {photos.map((photo) => (
          <li key={photo.id}>
            <button
              type="button"
              className={styles['small']}
              aria-label={photoWords(photo)}
              onClick={() => setOpenId(photo.id)}
            >
              <img src={photo.small} alt="" loading="lazy" decoding="async" />
            </button>
            {photo.document.pins.length > 0 && (
              <span className={styles['count']}>{photo.document.pins.length}</span>
            )}
            {photo.isWaiting && <span className={styles['waits']}>waits</span>}
            {isCards && (
              <>
                <span>{photoWords(photo)}</span>
                <span className={pageStyles['soft']}>{momentWords(photo.takenAt, clock)}</span>
              </>
            )}
          </li>
        ))}
      </ul>
      {open && <PhotoDialog key={open.id} photo={open} onClose={() => setOpenId(null)} />}
    </>
  );
}

interface PhotoStripProps {
  readonly propertyId: string;
  readonly label: string;
  /** Those of all photos of the home that stand here. */
  readonly isShown: (photo: ShownPhoto) => boolean;
  /** What a photo that is taken here belongs to. */
  readonly of: PhotoOf;
  readonly words?: string;
}

/** The photos of something, and the way to take another. */
export function PhotoStrip({ propertyId, label, isShown, of, words }: PhotoStripProps) {
  const { timerId } = of;
  const photos = usePhotos(
    propertyId,
    useMemo(() => [timerId], [timerId]),
  );
  const mayChange = useMayChange();
  const shown = photos?.filter(isShown) ?? [];
  if (!mayChange && shown.length === 0) return null;
  return (
    <div className={styles['strip']} role="group" aria-label={label}>
      {shown.length > 0 && <PhotoRow {...{ label }} photos={shown} />}
      {mayChange && <AddPhotos {...{ of }} {...(words !== undefined && { words })} />}
    </div>
  );
}
