import { useQuery } from '@tanstack/react-query';
import { isOfStation, PHOTO_SUBJECTS, SUBJECT_NAMES } from '@water-clock/core/photos';
import { counted } from '@water-clock/core/words';
import { Select, Skeleton } from 'antd';
import { useParams } from 'react-router';
import { propertyQuery, timersOfPropertyQuery } from '../api/properties';
import { todayHere } from '../format/today';
import { useMayChange } from '../session/use-signed-in';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { usePlace } from '../ui/use-place';
import { AddPhotos } from './add-photos';
import type { ShownPhoto } from './photo-of';
import { PhotoRow } from './photo-strip';
import { usePhotos, useTimerIds } from './use-photos';
import pageStyles from '../ui/page.module.css';
import styles from './photos.module.css';

const ALL = 'all';
const STATIONS = 'stations';

/** All photos at a home, timer by timer. */
export function PhotosPage() {
  const { propertyId = '' } = useParams();
  const property = useQuery(propertyQuery(propertyId));
  const timers = useQuery(timersOfPropertyQuery(propertyId, todayHere()));
  const photos = usePhotos(propertyId, useTimerIds(propertyId));
  const [search, goTo] = usePlace();
  const about = search.get('about') ?? ALL;
  const mayChange = useMayChange();
  const isAsked = ({ document }: ShownPhoto) =>
    about === ALL || (about === STATIONS ? isOfStation(document.about) : document.about === about);
  return (
    <Loaded what="The photos" missing="property" queries={[property, timers]}>
      {() => (
        <Page
          title="Photos"
          crumbs={[{ to: `/properties/${propertyId}`, name: property.data!.name }]}
          actions={
            <Select
              aria-label="What they show"
              className={styles['choice']!}
              value={about}
              options={[
                { value: ALL, label: 'All' },
                { value: STATIONS, label: 'Stations' },
                ...PHOTO_SUBJECTS.map((value) => ({ value, label: SUBJECT_NAMES[value] })),
              ]}
              onChange={(value) => goTo({ about: value === ALL ? undefined : value })}
            />
          }
        >
          {photos === undefined ? (
            <Skeleton active />
          ) : (
            timers.data!.map(({ id, name }) => {
              const own = photos.filter((photo) => photo.timerId === id && isAsked(photo));
              return (
                <section key={id} className={pageStyles['sheet']} aria-label={name}>
                  <h2>
                    {name}{' '}
                    <span className={pageStyles['soft']}>{counted(own.length, 'photo')}</span>
                  </h2>
                  {own.length === 0 && (
                    <p className={pageStyles['soft']}>
                      {about === ALL
                        ? 'No photo yet. Those of stations and readings are taken on a visit.'
                        : 'None of these.'}
                    </p>
                  )}
                  <PhotoRow isCards label={`Photos at ${name}`} photos={inOrder(own)} />
                  {mayChange && (
                    <div className={styles['adds']}>
                      <AddPhotos
                        of={{ timerId: id, about: 'place' }}
                        words="Photo of where it hangs"
                      />
                      <AddPhotos of={{ timerId: id, about: 'front' }} words="Photo of its front" />
                      <AddPhotos
                        of={{ timerId: id, about: 'wiring' }}
                        words="Photo of its wiring"
                      />
                    </div>
                  )}
                </section>
              );
            })
          )}
        </Page>
      )}
    </Loaded>
  );
}

const stationOf = ({ document }: ShownPhoto): number => document.station ?? 0;

/** The timer's own first, then station by station; the newest of each first. */
const inOrder = (photos: readonly ShownPhoto[]): ShownPhoto[] =>
  [...photos].sort((a, b) => stationOf(a) - stationOf(b));
