import {
  Amount,
  Label,
  NestedList,
  OneOf,
  OrNull,
  readObject,
  ROOT_PATH,
  Text,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** What a photo shows: something of the timer, of a station, of what is to be done, or of the visit. */
export const PHOTO_SUBJECTS = [
  'place',
  'front',
  'wiring',
  'reading',
  'head',
  'valve-box',
  'care',
  'job',
  'visit',
] as const;
export type PhotoSubject = (typeof PHOTO_SUBJECTS)[number];

export const SUBJECT_NAMES: Readonly<Record<PhotoSubject, string>> = {
  place: 'Where the timer hangs',
  front: 'The front of the timer',
  wiring: 'The wiring',
  reading: 'What the display shows',
  head: 'The head',
  'valve-box': 'The valve box',
  care: 'What is cared for',
  job: 'What is to be done',
  visit: 'The visit',
};

const OF_A_STATION: readonly PhotoSubject[] = ['head', 'valve-box'];
const OF_THE_TIMER: readonly PhotoSubject[] = ['place', 'front', 'wiring', 'reading', 'care'];
export const isOfStation = (subject: PhotoSubject): boolean => OF_A_STATION.includes(subject);
/** Of the timer, and so of none of its stations. */
export const isOfTimer = (subject: PhotoSubject): boolean => OF_THE_TIMER.includes(subject);

export const MOST_PINS = 12;

/** A place on a photo, as shares of its width and height from the upper left, and what is there. */
export class Pin {
  @Amount(0, 1) x!: number;
  @Amount(0, 1) y!: number;
  @Label() words!: string;
}

/** What somebody says of a photo. */
export class PhotoFacts {
  @OneOf(PHOTO_SUBJECTS) about!: PhotoSubject;
  @OrNull() @WholeNumber(1, 256) station: number | null = null;
  @Text() note = '';
  @NestedList(() => Pin) pins: Pin[] = [];
}

/** Reads what is said of a photo; every problem at once, by its path. */
export function readPhotoFacts(document: unknown): Result<PhotoFacts, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const facts = readObject(PhotoFacts, document, ROOT_PATH, problems);
  if (problems.length === 0) problems.push(...stationProblems(facts));
  if (problems.length === 0 && facts.pins.length > MOST_PINS)
    problems.push({ path: 'pins', message: `must be at most ${MOST_PINS}` });
  return problems.length === 0 ? ok(facts) : err(problems);
}

function stationProblems({ about, station }: PhotoFacts): DocumentProblem[] {
  if (isOfStation(about) && station === null)
    return [{ path: 'station', message: 'is required: of which station is it?' }];
  if (isOfTimer(about) && station !== null)
    return [{ path: 'station', message: 'is of no use: it is of the timer' }];
  return [];
}
