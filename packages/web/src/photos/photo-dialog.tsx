import {
  isOfStation,
  isOfTimer,
  MOST_PINS,
  PHOTO_SUBJECTS,
  SUBJECT_NAMES,
  type PhotoFacts,
  type PhotoSubject,
  type Pin,
} from '@water-clock/core/photos';
import { App, Button, Input, Select } from 'antd';
import { useId, useState } from 'react';
import { momentWords } from '../format/moment-words';
import { useClock, useMayChange } from '../session/use-signed-in';
import { Dialog } from '../ui/dialog';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import { PinnedPicture, type Place } from './pinned-picture';
import { photoWords, subjectWords, type ShownPhoto } from './photo-of';
import { useRemovePhoto, useSayOfPhoto } from './use-photos';
import pageStyles from '../ui/page.module.css';
import styles from './photos.module.css';

interface PhotoDialogProps {
  readonly photo: ShownPhoto;
  readonly onClose: () => void;
}

const WIDTH = 980;
const MOST_WORDS = 40;
const MIDDLE: Place = { x: 0.5, y: 0.5 };

/** A photo, large: what it shows, a note, and pins on it. */
export function PhotoDialog({ photo, onClose }: PhotoDialogProps) {
  const [facts, setFacts] = useState<PhotoFacts>(photo.document);
  const saying = useSayOfPhoto();
  const removing = useRemovePhoto();
  const mayChange = useMayChange();
  const clock = useClock();
  const { modal } = App.useApp();
  const isChanged = JSON.stringify(facts) !== JSON.stringify(photo.document);
  const wordless = facts.pins.findIndex(({ words }) => words.trim() === '');
  const lacksStation = isOfStation(facts.about) && facts.station === null;
  const set = (fields: Partial<PhotoFacts>) => setFacts((now) => ({ ...now, ...fields }));
  const setPin = (index: number, fields: Partial<Pin>) =>
    set({ pins: facts.pins.map((pin, at) => (at === index ? { ...pin, ...fields } : pin)) });
  const place = (at: Place) => {
    if (facts.pins.length < MOST_PINS) set({ pins: [...facts.pins, { ...at, words: '' }] });
  };
  const close = () => {
    if (!isChanged) onClose();
    else
      void modal.confirm({
        title: 'Leave what you wrote?',
        content: 'The note and the pins of this photo are not kept.',
        okText: 'Leave it',
        onOk: onClose,
      });
  };
  const save = async () => {
    if (await saying.write({ photo, document: facts })) onClose();
  };
  const askToRemove = () =>
    void modal.confirm({
      title: 'Take this photo away?',
      content: 'It goes from every page and every link that shows it, and does not come back.',
      okText: 'Take it away',
      onOk: async () => {
        if (await removing.write(photo)) onClose();
      },
    });
  const trouble =
    wordless >= 0
      ? `Say what is at pin ${wordless + 1}, or take it off.`
      : lacksStation
        ? 'Of which station is it?'
        : null;
  return (
    <Dialog
      open
      title={subjectWords(photo.document)}
      width={WIDTH}
      onCancel={close}
      footer={
        mayChange ? (
          <div className={styles['foot']}>
            <Button onClick={askToRemove} loading={removing.isWriting}>
              Take away…
            </Button>
            <span className={styles['room']} role="status">
              {trouble}
            </span>
            <Button onClick={close}>Close</Button>
            <Button
              type="primary"
              disabled={!isChanged || trouble !== null}
              loading={saying.isWriting}
              onClick={() => void save()}
            >
              Save
            </Button>
          </div>
        ) : null
      }
    >
      <div className={styles['large']}>
        <PinnedPicture
          src={photo.picture}
          alt={photoWords(photo)}
          pins={facts.pins}
          {...(mayChange && { onPlace: place, onMove: setPin })}
        />
        <div className={styles['facts']}>
          <p className={pageStyles['soft']}>
            {momentWords(photo.takenAt, clock)}
            {photo.person && `, ${photo.person}`}
            {photo.isWaiting && '. It waits on this device.'}
          </p>
          {mayChange ? (
            <Facts {...{ facts, set, setPin }} onPlace={() => place(MIDDLE)} />
          ) : (
            <FactsRead facts={facts} />
          )}
        </div>
      </div>
    </Dialog>
  );
}

interface FactsProps {
  readonly facts: PhotoFacts;
  readonly set: (fields: Partial<PhotoFacts>) => void;
  readonly setPin: (index: number, fields: Partial<Pin>) => void;
  readonly onPlace: () => void;
}

function Facts({ facts, set, setPin, onPlace }: FactsProps) {
  const { about, station, note, pins } = facts;
  const noteId = useId();
  return (
    <>
      <Field label="What it shows">
        {(id) => (
          <Select<PhotoSubject>
            {...{ id }}
            value={about}
            options={PHOTO_SUBJECTS.map((value) => ({ value, label: SUBJECT_NAMES[value] }))}
            onChange={(value) => set({ about: value, ...(isOfTimer(value) && { station: null }) })}
          />
        )}
      </Field>
      {!isOfTimer(about) && (
        <Field label="Station">
          {(id) => (
            <NumberInput
              {...{ id }}
              value={station}
              least={1}
              most={256}
              isWhole
              width={100}
              onChange={(value) => set({ station: value })}
              onEmpty={() => set({ station: null })}
            />
          )}
        </Field>
      )}
      <label htmlFor={noteId}>Note</label>
      <Input.TextArea
        id={noteId}
        value={note}
        maxLength={500}
        autoSize={{ minRows: 2, maxRows: 6 }}
        onChange={(event) => set({ note: event.target.value })}
      />
      <div className={styles['pins']}>
        <span>
          {pins.length === 0 ? 'Tap the picture to pin something on it.' : 'Pins, by their numbers'}
        </span>
        <ol>
          {pins.map((pin, index) => (
            // A pin is its place in the list.
            <li key={index}>
              <span className="figures">{index + 1}</span>
              <Input
                aria-label={`What is at pin ${index + 1}`}
                autoFocus={pin.words === ''}
                maxLength={MOST_WORDS}
                value={pin.words}
                onChange={(event) => setPin(index, { words: event.target.value })}
              />
              <Button
                aria-label={`Take off pin ${index + 1}`}
                onClick={() => set({ pins: pins.filter((_, at) => at !== index) })}
              >
                Take off
              </Button>
            </li>
          ))}
        </ol>
        <Button disabled={pins.length >= MOST_PINS} onClick={onPlace}>
          Pin in the middle
        </Button>
      </div>
    </>
  );
}

function FactsRead({ facts: { note, pins } }: Pick<FactsProps, 'facts'>) {
  return (
    <>
      {note !== '' && <p>{note}</p>}
      <ol>
        {pins.map(({ words }, index) => (
          // A pin is its place in the list.
          <li key={index}>{words}</li>
        ))}
      </ol>
    </>
  );
}
