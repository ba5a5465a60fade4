import {
  addDays,
  dayOf,
  formatDateTime,
  parseDateTime,
  startOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { Dry, SEEN_FORMAT, Watered, type Observation, type Seen } from '../diagnosis/index.js';
import {
  NestedList,
  OneOf,
  readObject,
  ROOT_PATH,
  Text,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

export const MOST_SAW = 12;
export const MOST_WORDS = 1000;
/** Nobody remembers for longer what watered when. */
const MOST_DAYS = 60;

class NeitherOfThem {
  @OneOf(['watered', 'dry']) what!: string;
}

/** What a household says it saw of its timer's water, and in its own words. */
export class Telling {
  @NestedList(
    ({ what }) => (what === 'watered' ? Watered : what === 'dry' ? Dry : NeitherOfThem),
    [Watered, Dry],
  )
  saw: Observation[] = [];
  @Text() words = '';
}

/** Reads what a household tells; every problem at once, by its path. */
export function readTelling(document: unknown): Result<Telling, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const read = readObject(Telling, document, ROOT_PATH, problems);
  if (problems.length > 0) return err(problems);
  const telling = { ...read, words: screened(read.words) };
  const { saw, words } = telling;
  if (saw.length > MOST_SAW)
    problems.push({ path: 'saw', message: `must have at most ${MOST_SAW} entries` });
  if (words.length > MOST_WORDS)
    problems.push({ path: 'words', message: `must be at most ${MOST_WORDS} signs` });
  if (saw.length === 0 && words === '')
    problems.push({ path: 'words', message: 'is required where nothing else is told' });
  const days = daysOf(telling);
  if (days && addDays(days.first, MOST_DAYS) < days.last)
    problems.push({ path: 'saw', message: `must be within ${MOST_DAYS} days` });
  return problems.length === 0 ? ok(telling) : err(problems);
}

/** Without signs that do not stand for letters, such as those that turn the way that a line is read. */
const screened = (words: string): string => words.replace(/[^\P{C}\n]/gu, '').trim();

/** The first and the last date that something was seen on; null where nothing was. */
function daysOf({ saw }: Telling): { readonly first: DayNumber; readonly last: DayNumber } | null {
  const days = saw.flatMap(({ from, to }) =>
    [from, to ?? from].map((at) => dayOf(parseDateTime(at)!)),
  );
  const [one] = days;
  if (one === undefined) return null;
  return {
    first: days.reduce((a, b) => (b < a ? b : a), one),
    last: days.reduce((a, b) => (b > a ? b : a), one),
  };
}

/** As causes are tried on it; null where nothing was seen but in words. */
export function seenOfTelling(telling: Telling): Seen | null {
  const days = daysOf(telling);
  if (!days) return null;
  return {
    format: SEEN_FORMAT,
    from: formatDateTime(startOfDay(days.first)),
    to: formatDateTime(startOfDay(addDays(days.last, 1))),
    ...{ isWhole: false, rain: [], seen: [...telling.saw] },
  };
}
