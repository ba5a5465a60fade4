import { CUSTOMARY_MINUTES, CUSTOMARY_WATERINGS } from '../agronomy/index.js';
import { Amount, Nested, readObject, ROOT_PATH, type DocumentProblem } from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** Minutes a watering by head, in full sun and mid-summer. */
export class MinutesByHead {
  @Amount(1, 600) spray = CUSTOMARY_MINUTES.spray;
  @Amount(1, 600) rotary = CUSTOMARY_MINUTES.rotary;
  @Amount(1, 600) rotor = CUSTOMARY_MINUTES.rotor;
  @Amount(1, 600) impact = CUSTOMARY_MINUTES.impact;
  @Amount(1, 600) drip = CUSTOMARY_MINUTES.drip;
  @Amount(1, 600) bubbler = CUSTOMARY_MINUTES.bubbler;
  @Amount(1, 600) micro = CUSTOMARY_MINUTES.micro;
}

/** Waterings a week by planting, in mid-summer. */
export class WateringsByPlanting {
  @Amount(0.1, 28) 'cool turf' = CUSTOMARY_WATERINGS['cool turf'];
  @Amount(0.1, 28) 'warm turf' = CUSTOMARY_WATERINGS['warm turf'];
  @Amount(0.1, 28) seed = CUSTOMARY_WATERINGS.seed;
  @Amount(0.1, 28) shrubs = CUSTOMARY_WATERINGS.shrubs;
  @Amount(0.1, 28) trees = CUSTOMARY_WATERINGS.trees;
  @Amount(0.1, 28) flowers = CUSTOMARY_WATERINGS.flowers;
  @Amount(0.1, 28) vegetables = CUSTOMARY_WATERINGS.vegetables;
}

/** How a firm waters by the minute. */
export class Customary {
  @Nested(() => MinutesByHead) minutes = new MinutesByHead();
  @Nested(() => WateringsByPlanting) waterings = new WateringsByPlanting();
}

/** Reads a parsed table of a firm; every problem is reported at once, each with its JSON path. */
export function readCustomary(document: unknown): Result<Customary, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const customary = readObject(Customary, document, ROOT_PATH, problems);
  return problems.length === 0 ? ok(customary) : err(problems);
}
