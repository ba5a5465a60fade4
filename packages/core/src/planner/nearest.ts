import { percentGrid } from '../engine/index.js';
import type { Brief } from './brief.js';
import { readBrief } from './read-brief.js';
import { search, type SearchResult, type Limits } from './search.js';
import { NOTHING_STANDS, type Standing } from './standing.js';
import { HALF_DAY, timeOfDay } from './night.js';
import { situationOf } from './situation.js';

type Raw = Readonly<Record<string, unknown>>;

/** A smallest change of a brief with which there is a plan. */
export interface Nearest {
  readonly change: { readonly field: string; readonly to: unknown };
  readonly found: SearchResult;
}

/** A field that may give way, in steps of growing size; step 0 is the brief as it is. */
interface Relaxing {
  readonly field: string;
  readonly steps: number;
  readonly at: (step: number) => unknown;
}

/**
 * The smallest change of each single field with which there is a plan: the hours, the allowed
 * weekdays, the headroom, the soak. `limits` gives each of them its own time.
 */
export function nearestPlans(
  document: Raw,
  brief: Brief,
  limits: () => Limits,
  standing: Standing = NOTHING_STANDS,
): Nearest[] {
  return relaxings(brief).flatMap(({ field, steps, at }) => {
    const own = limits();
    const tryAt = (step: number): Nearest | null => {
      const change = { field, to: at(step) };
      const read = readBrief(changed(document, change));
      const found = read.ok ? search(changed(document, change), read.value, own, standing) : null;
      return found && { change, found };
    };
    // More leeway never takes a plan away, so the smallest is found by halving.
    let best = steps > 0 ? tryAt(steps) : null;
    let [low, high] = [0, steps];
    while (best && high - low > 1) {
      const middle = Math.floor((low + high) / 2);
      const found = tryAt(middle);
      if (found) best = found;
      [low, high] = found ? [low, middle] : [middle, high];
    }
    return best ? [best] : [];
  });
}

/** The document with a field of its rules, or the soaks of all its stations, changed. */
function changed(document: Raw, { field, to }: Nearest['change']): Raw {
  if (field === SOAK)
    return {
      ...document,
      stations: (document['stations'] as Raw[]).map((station) =>
        station['minSoakSeconds'] === undefined
          ? station
          : {
              ...station,
              minSoakSeconds: Math.min(station['minSoakSeconds'] as number, to as number),
            },
      ),
    };
  const name = field.replace('rules.', '');
  return { ...document, rules: { ...(document['rules'] as Raw | undefined), [name]: to } };
}

const SOAK = 'stations[].minSoakSeconds';
const STEP_SECONDS = 300;

function relaxings(brief: Brief): Relaxing[] {
  const { rules, timer, stations } = brief;
  const { night, headroom } = situationOf(brief);
  const weekdays = rules.weekdays ?? [1, 2, 3, 4, 5, 6, 7];
  const others = [1, 2, 3, 4, 5, 6, 7].filter(
    (weekday) => !weekdays.includes(weekday) && !rules.mowingWeekdays.includes(weekday),
  );
  const lower = timer.season
    ? percentGrid(timer.season).filter((percent) => percent >= 100 && percent < headroom)
    : [];
  const longestSoak = Math.max(0, ...stations.map(({ minSoakSeconds }) => minSoakSeconds ?? 0));
  return [
    {
      field: 'rules.finishBy',
      steps:
        rules.finishBy === undefined ? 0 : Math.floor((HALF_DAY - 1 - night.to) / STEP_SECONDS),
      at: (step) => timeOfDay(night.to + step * STEP_SECONDS),
    },
    {
      field: 'rules.earliestStart',
      steps:
        rules.earliestStart === undefined ? 0 : Math.floor((night.from + HALF_DAY) / STEP_SECONDS),
      at: (step) => timeOfDay(night.from - step * STEP_SECONDS),
    },
    {
      field: 'rules.weekdays',
      steps: rules.weekdays === undefined ? 0 : others.length,
      at: (step) => [...weekdays, ...mostEven(weekdays, others, step)].sort((a, b) => a - b),
    },
    {
      field: 'rules.headroomPercent',
      steps: lower.length,
      at: (step) => lower[lower.length - step],
    },
    {
      field: SOAK,
      steps: Math.floor(longestSoak / STEP_SECONDS),
      at: (step) => longestSoak - step * STEP_SECONDS,
    },
  ];
}

/** So many more weekdays, each as far from the others as can be. */
function mostEven(known: readonly number[], others: readonly number[], count: number): number[] {
  const added: number[] = [];
  for (let turn = 0; turn < count; turn++) {
    const all = [...known, ...added];
    const distance = (weekday: number) =>
      Math.min(7, ...all.map((one) => Math.min((weekday - one + 7) % 7, (one - weekday + 7) % 7)));
    const left = others.filter((weekday) => !added.includes(weekday));
    added.push(
      left.reduce((best, weekday) => (distance(weekday) > distance(best) ? weekday : best)),
    );
  }
  return added;
}
