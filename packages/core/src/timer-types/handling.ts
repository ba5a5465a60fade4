import {
  Flag,
  ListOfChoices,
  OneOf,
  Text,
  WholeNumber,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** What is keyed in together, in the order that most timers ask for it. */
export const KEY_IN_PARTS = ['clock', 'starts', 'run-times', 'days', 'percent', 'extras'] as const;
export type KeyInPart = (typeof KEY_IN_PARTS)[number];

/** What a timer asks for where it counts days: the day of a first start, the next one, or how many days are left. */
export const INTERVAL_QUESTIONS = ['first-day', 'next-day', 'days-left'] as const;
export type IntervalQuestion = (typeof INTERVAL_QUESTIONS)[number];

/** How its valves are wired: a wire for each, or two wires for all, with a unit at each valve. */
export const WIRINGS = ['valve-wires', 'two-wire'] as const;
export type WiringKind = (typeof WIRINGS)[number];

/** More days than these no timer is held for: a season is. */
export const MOST_HOLD_DAYS = 366;

/** How a type of timer is used with the hands; what it can do stands in its capability. */
export class TimerHandling {
  /** The order in which it asks for its settings; each part once. */
  @ListOfChoices(KEY_IN_PARTS) keyInOrder: KeyInPart[] = [...KEY_IN_PARTS];
  @OneOf(WIRINGS) wiring: WiringKind = 'valve-wires';
  /** What it asks for where it counts days. */
  @OneOf(INTERVAL_QUESTIONS) intervalAskedAs: IntervalQuestion = 'first-day';
  /** The longest hold that it takes, in days; 0: it has none. */
  @WholeNumber(0, MOST_HOLD_DAYS) longestHoldDays = 14;
  /** It puts its clock forward and back itself. */
  @Flag() setsSummerTime = false;
  /** How its settings are stored in its own memory, in plain words; empty: nobody has written it down. */
  @Text() storeCopy = '';
  /** How they are brought back from it. */
  @Text() bringBackCopy = '';
  /** How it is set to how it left the factory. */
  @Text() factoryReset = '';
  /** How a household pauses it, in plain words; empty: in general words. */
  @Text() pauseForRain = '';
  /** How a household runs one station, in plain words; empty: in general words. */
  @Text() runOneStation = '';
}

/** Reads how a timer type is used; every problem is reported at once, each with its JSON path. */
export function readHandling(document: unknown): Result<TimerHandling, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const handling = readObject(TimerHandling, document, ROOT_PATH, problems);
  const order: unknown = handling.keyInOrder;
  const isWhole =
    Array.isArray(order) &&
    new Set(order).size === KEY_IN_PARTS.length &&
    order.length === KEY_IN_PARTS.length;
  if (problems.length === 0 && !isWhole)
    problems.push({
      path: 'keyInOrder',
      message: `must hold each of ${KEY_IN_PARTS.join(', ')} once`,
    });
  return problems.length === 0 ? ok(handling) : err(problems);
}
