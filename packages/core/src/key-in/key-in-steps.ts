import type { Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-types/index.js';
import { switches } from './front-switches.js';
import type { KeyInPlace } from './key-in-place.js';
import { meantPlaces } from './places.js';
import { isSameValue, type KeyInValue } from './value.js';

/** One thing to key in, or to look at. */
export interface KeyInStep {
  readonly key: string;
  readonly part: KeyInPart | 'last-look';
  readonly program: string | null;
  readonly station: number | null;
  readonly what: string;
  /** What is to stand there; null: the true time, which does not stand still. */
  readonly value: KeyInValue | null;
  /** What is believed to stand there now; null where nobody knows. */
  readonly before: KeyInValue | null;
  /** It stands there only until the run times are in. */
  readonly isForNow: boolean;
}

export interface KeyInAsked {
  /** What is to be in the timer. */
  readonly target: Plan;
  /** What is believed to be in it; null where nobody knows. */
  readonly present: Plan | null;
  /** What stands in it with what was keyed in over `present` since, and at which keys that was. */
  readonly since?: { readonly plan: Plan; readonly keyedIn: readonly string[] };
  readonly order: readonly KeyInPart[];
  /** Everything, not only what differs. */
  readonly isWhole: boolean;
}

/**
 * What is to be keyed in, in the order in which the timer asks for it: the clock, the settings that
 * differ from what is in it (or all), and a last look; what was keyed in since is among them, wanted
 * or not. Where run times are keyed in and a percentage other than 100 % is in the timer, or may be,
 * it is set to 100 % before them, for run times are entered at 100 %, and to what it is to be after
 * them.
 */
export function keyInSteps(asked: KeyInAsked): KeyInStep[] {
  const { target, present, since, order, isWhole } = asked;
  const places = meantPlaces(target);
  const keyedIn = new Set(since?.keyedIn);
  const isAll = isWhole || present === null;
  const isUsual = ({ usual, read }: KeyInPlace) =>
    usual !== undefined &&
    [target, present ?? target].every((plan) => isSameValue(read(plan), usual));
  const differs = (place: KeyInPlace) =>
    keyedIn.has(place.key) ||
    (isAll ? !isUsual(place) : !isSameValue(place.read(target), place.read(present)));
  const stepsOf = (part: KeyInPart, isMeant: (place: KeyInPlace) => boolean): KeyInStep[] =>
    places
      .filter((place) => place.part === part && isMeant(place))
      .map((place) => stepOf(place, asked));
  const runTimes = stepsOf('run-times', differs);
  const hundred = runTimes.length > 0 ? percentFirst(target, present) : [];
  // Where it was set to 100 % for a while, 100 % stands there, and everything else is to be set again.
  const isPercentMeant = (place: KeyInPlace) =>
    hundred.length === 0 ? differs(place) : isAll || !isSameValue(place.read(target), HUNDRED);
  const steps = percentAfterRunTimes(order, hundred.length > 0).flatMap((part): KeyInStep[] => {
    if (part === 'clock') return [CLOCK];
    if (part === 'run-times') return [...hundred, ...runTimes];
    return stepsOf(part, part === 'percent' ? isPercentMeant : differs);
  });
  return [...steps, ...lastLook(target)];
}

const HUNDRED = { type: 'percent', percent: 100 } as const;

/** The order of the timer; a percentage that waits for the run times comes after them in any case. */
function percentAfterRunTimes(order: readonly KeyInPart[], waits: boolean): readonly KeyInPart[] {
  if (!waits || order.indexOf('percent') > order.indexOf('run-times')) return order;
  return order.flatMap((part): KeyInPart[] => {
    if (part === 'percent') return [];
    return part === 'run-times' ? ['run-times', 'percent'] : [part];
  });
}

const CLOCK: KeyInStep = {
  key: 'clock',
  part: 'clock',
  program: null,
  station: null,
  what: 'Clock: year, date, weekday, time',
  value: null,
  before: null,
  isForNow: false,
};

const stepOf = (place: KeyInPlace, asked: KeyInAsked): KeyInStep => ({
  key: place.key,
  part: place.part,
  program: place.program ?? null,
  station: place.station ?? null,
  what: place.what,
  value: place.read(asked.target),
  before: beforeOf(place, asked),
  isForNow: false,
});

/** What stands there until the wanted value is keyed in: what was read, or something else that was keyed in since. */
function beforeOf({ key, read }: KeyInPlace, { target, present, since }: KeyInAsked) {
  if (since?.keyedIn.includes(key)) {
    const now = read(since.plan);
    if (!isSameValue(now, read(target))) return now;
  }
  return present && read(present);
}

function percentFirst(target: Plan, present: Plan | null): KeyInStep[] {
  if (target.timer.season === null) return [];
  const season = present?.controller.season;
  // Neither a table by month nor the weather changes what the display shows as run times.
  if (season?.mode === 'monthly' || season?.mode === 'weather') return [];
  const first = (key: string, program: string | null, before: number | null): KeyInStep => ({
    key: `${key} first`,
    part: 'percent',
    program,
    station: null,
    what: 'Season percentage, while run times are entered',
    value: HUNDRED,
    before: before === null ? null : { type: 'percent', percent: before },
    isForNow: true,
  });
  if (season?.mode === 'program')
    return present!.programs
      .filter(({ percent }) => percent !== 100)
      .map(({ id, percent }) => first(`${id} percent`, id, percent));
  if (season && season.percent === 100) return [];
  return [first('percent', null, season?.percent ?? null)];
}

/** What is looked at once more before leaving, and how it is to be. */
export function lastLook(plan: Plan): KeyInStep[] {
  const { timer, controller } = plan;
  const look = (key: string, what: string, value: KeyInValue | null): KeyInStep => ({
    key: `look ${key}`,
    part: 'last-look',
    program: null,
    station: null,
    what,
    value,
    before: null,
    isForNow: false,
  });
  return [
    ...switches(plan).map(({ key, what, read }) => look(LOOK_KEYS[key] ?? key, what, read(plan))),
    ...(timer.season && controller.season.mode === 'whole'
      ? [
          look('percent', 'Season percentage', {
            type: 'percent',
            percent: controller.season.percent,
          }),
        ]
      : []),
    look('clock', 'Clock shows the true time and weekday', null),
  ];
}

/** Visits that are stored know them by these. */
const LOOK_KEYS: Readonly<Record<string, string>> = { switch: 'run', 'rain sensor': 'sensor' };
