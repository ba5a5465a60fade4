import { parseDateTime, SECONDS_PER_DAY } from '../civil-time/index.js';
import {
  DateTime,
  DateTimeFrom,
  entryPath,
  Flag,
  NestedList,
  OneOf,
  OrNull,
  readObject,
  ROOT_PATH,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { Stretch } from '../settings/index.js';

export const SEEN_FORMAT = 'waterclock.seen/1';

/** Water flowed all of that time, or (`to` null) at that moment. */
export class Watered {
  @OneOf(['watered']) what = 'watered' as const;
  @DateTime() from!: string;
  @OrNull() @DateTimeFrom('from') to: string | null = null;
  /** Null: nobody knows which. */
  @OrNull() @WholeNumber(1) station: number | null = null;
}

/** No water in all of that time, from that station, or (null) from any. */
export class Dry {
  @OneOf(['dry']) what = 'dry' as const;
  @DateTime() from!: string;
  @DateTimeFrom('from') to!: string;
  @OrNull() @WholeNumber(1) station: number | null = null;
}

export type Observation = Watered | Dry;

class NeitherOfThem {
  @OneOf(['watered', 'dry']) what!: string;
}

/** What somebody saw of a timer's water; all in true time. */
export class Seen {
  @OneOf([SEEN_FORMAT]) format!: typeof SEEN_FORMAT;
  @DateTime() from!: string;
  @DateTimeFrom('from') to!: string;
  /** Nothing watered in it but what is listed. */
  @Flag() isWhole = false;
  /** When the rain sensor ought to have been wet. */
  @NestedList(() => Stretch) rain: Stretch[] = [];
  @NestedList(
    ({ what }) => (what === 'watered' ? Watered : what === 'dry' ? Dry : NeitherOfThem),
    [Watered, Dry],
  )
  seen!: Observation[];
}

/** Nobody watches for longer, nor sees more: it would be too much to try causes on. */
const MOST_DAYS = 92;
export const MOST_SEEN = 300;

/** Reads what was seen; every problem is reported at once, each with its JSON path. */
export function readSeen(document: unknown): Result<Seen, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const seen = readObject(Seen, document, ROOT_PATH, problems);
  if (problems.length > 0) return err(problems);
  const more = seenProblems(seen);
  return more.length === 0 ? ok(seen) : err(more);
}

/** What no field alone shows; of a document whose fields are well. */
export function seenProblems(seen: Seen): DocumentProblem[] {
  const problems: DocumentProblem[] = [];
  const watched = parseDateTime(seen.to)! - parseDateTime(seen.from)!;
  if (watched === 0) problems.push({ path: 'to', message: 'must be after its from' });
  if (watched > MOST_DAYS * SECONDS_PER_DAY)
    problems.push({ path: 'to', message: `must be at most ${MOST_DAYS} days after its from` });
  if (seen.seen.length > MOST_SEEN)
    problems.push({ path: 'seen', message: `must have at most ${MOST_SEEN} entries` });
  for (const [index, { from }] of seen.seen.entries())
    if (from < seen.from || from > seen.to)
      problems.push({
        path: `${entryPath('seen', index)}.from`,
        message: 'must be within the time that was watched',
      });
  return problems;
}
