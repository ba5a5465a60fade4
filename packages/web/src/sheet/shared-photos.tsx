import type { Language } from '@water-clock/core/household-words';
import type { Api } from '../api/request';
import styles from './shared-page.module.css';

interface SharedPhotosProps {
  readonly token: string;
  readonly photos: Api['SharedSheet']['photos'];
  readonly language: Language;
}

/** The photos that were chosen for a link, each with its note and what is pinned on it. */
export function SharedPhotos({ token, photos, language: { labels } }: SharedPhotosProps) {
  if (photos.length === 0) return null;
  return (
    <section aria-labelledby="photos">
      <h2 id="photos">{labels.photos}</h2>
      {photos.map(({ id, width, height, document: { note, pins } }) => (
        <figure key={id} className={styles['photo']}>
          <div>
            <img
              {...{ width, height }}
              src={`/api/shared/${encodeURIComponent(token)}/photos/${id}`}
              alt={note === '' ? labels.photos : note}
              loading="lazy"
            />
            {pins.map(({ x, y }, index) => (
              // A pin is its place in the list.
              <span key={index} aria-hidden style={{ left: `${x * 100}%`, top: `${y * 100}%` }}>
                {index + 1}
              </span>
            ))}
          </div>
          <figcaption>
            {note}
            {pins.length > 0 && (
              <ol>
                {pins.map(({ words }, index) => (
                  <li key={index}>{words}</li>
                ))}
              </ol>
            )}
          </figcaption>
        </figure>
      ))}
    </section>
  );
}
