import { jobInWords } from '@water-clock/core/visits';
import type { CopyListing } from '../api/copies';
import type { SheetListing } from '../api/sheets';
import type { Told } from '../api/tellings';
import type { Job, VisitListing } from '../api/visits';
import { eventWords } from './event-words';
import type { HomeEvent } from '../api/history';
import { REASON_NAMES } from '../copies/copy-words';
import { photoWords, type ShownPhoto } from '../photos/photo-of';
import { toldWords } from '../diagnosis/told-words';

export const HAPPENING_KINDS = [
  ...['visit', 'copy', 'job', 'photo', 'sheet', 'telling'],
  ...['hold', 'rules', 'message', 'due', 'weather'],
] as const;
export type HappeningKind = (typeof HAPPENING_KINDS)[number];

export const KIND_NAMES: Readonly<Record<HappeningKind, string>> = {
  visit: 'Visits',
  copy: 'Copies and readings',
  job: 'Jobs',
  photo: 'Photos',
  sheet: 'Sheets',
  telling: 'Told by the household',
  hold: 'Holds',
  rules: 'Rules',
  message: 'Messages',
  due: 'What was due',
  weather: 'Weather',
};

/** Something that happened at a home. */
export interface Happening {
  readonly key: string;
  readonly kind: HappeningKind;
  /** An instant, as the server says it. */
  readonly at: string;
  /** Null: of the whole home. */
  readonly timerId: string | null;
  readonly words: string;
  readonly by: string;
  /** Where it stands as it was; absent: nowhere else. */
  readonly to?: string;
  readonly photo?: ShownPhoto;
  /** Of a visit, which can be compared with another. */
  readonly visitId?: string;
  /** Of a copy, which can be compared with another. */
  readonly copyId?: string;
}

/** All that is known of a timer. */
export interface OfTimer {
  readonly timerId: string;
  readonly visits: readonly VisitListing[];
  readonly copies: readonly CopyListing[];
  readonly sheets: readonly SheetListing[];
  readonly tellings: readonly Told[];
}

interface OfHome {
  readonly timers: readonly OfTimer[];
  readonly jobs: readonly Job[];
  readonly photos: readonly ShownPhoto[];
  readonly events: readonly HomeEvent[];
}

/** One line of time of a home, the newest first. */
export const happeningsOf = ({ timers, jobs, photos, events }: OfHome): Happening[] =>
  [
    ...timers.flatMap(ofTimer),
    ...jobs.flatMap(ofJob),
    ...photos.map(ofPhoto),
    ...events.map(ofEvent),
  ].sort((a, b) => b.at.localeCompare(a.at) || a.key.localeCompare(b.key));

const ofTimer = ({ timerId, visits, copies, sheets, tellings }: OfTimer): Happening[] => [
  ...visits.map(({ id, startedAt, startedBy, endedAt }): Happening => ({
    ...{ key: `visit ${id}`, kind: 'visit', at: startedAt, timerId, by: startedBy },
    words: endedAt === null ? 'Visit, which goes on' : 'Visit',
    ...{ to: `/visits/${id}`, visitId: id },
  })),
  ...copies.map(({ id, madeAt, number, reason, name, person }): Happening => ({
    ...{ key: `copy ${id}`, kind: 'copy', at: madeAt, timerId, by: person },
    words: `Copy № ${number}, ${REASON_NAMES[reason]}${name && `: ${name}`}`,
    ...{ to: `/copies/${id}`, copyId: id },
  })),
  ...sheets.map(({ id, madeAt, person }): Happening => ({
    ...{ key: `sheet ${id}`, kind: 'sheet', at: madeAt, timerId, by: person },
    words: 'Sheet left at the door',
    to: `/api/sheets/${id}/sheet.pdf`,
  })),
  ...tellings.map(({ id, toldAt, document: { words, saw } }): Happening => ({
    ...{ key: `telling ${id}`, kind: 'telling', at: toldAt, timerId, by: '' },
    words: [words && `“${words}”`, ...saw.map((one) => toldWords(one, []))]
      .filter(Boolean)
      .join(' '),
    to: `/timers/${timerId}/wrong`,
  })),
];

function ofJob(job: Job): Happening[] {
  const { id, timerId, note, foundAt, foundBy, doneAt, doneBy } = job;
  const what = `${jobInWords(job)}${note && ` (${note})`}`;
  return [
    { key: `found ${id}`, kind: 'job', at: foundAt, timerId, by: foundBy, words: `${what}, found` },
    ...(doneAt === null
      ? []
      : [
          {
            ...{ key: `done ${id}`, kind: 'job' as const, at: doneAt, timerId, by: doneBy },
            words: `${what}, done`,
          },
        ]),
  ];
}

const ofPhoto = (photo: ShownPhoto): Happening => ({
  ...{ key: `photo ${photo.id}`, kind: 'photo', at: photo.takenAt, timerId: photo.timerId },
  ...{ by: photo.person, words: photoWords(photo), photo },
});

const ofEvent = (event: HomeEvent): Happening => ({
  ...{ key: `${event.kind} ${event.id}`, kind: event.kind, at: event.at, timerId: event.timerId },
  ...{ by: '', words: eventWords(event) },
});
