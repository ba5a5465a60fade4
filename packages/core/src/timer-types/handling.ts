import {
  ListOfChoices,
  Text,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** What is keyed in together, in the order that most timers ask for it. */
export const KEY_IN_PARTS = ['clock', 'starts', 'run-times', 'days', 'percent', 'extras'] as const;
export type KeyInPart = (typeof KEY_IN_PARTS)[number];

/** How a type of timer is used with the hands; what it can do stands in its capability. */
export class TimerHandling {
  /** The order in which it asks for its settings; each part once. */
  @ListOfChoices(KEY_IN_PARTS) keyInOrder: KeyInPart[] = [...KEY_IN_PARTS];
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
