import type { Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-kinds/index.js';
import { keyInPlaces, type KeyInPlace } from './places.js';
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
}

export interface KeyInAsked {
  /** What is to be in the timer. */
  readonly target: Plan;
  /** What is believed to be in it; null where nobody knows. */
  readonly present: Plan | null;
  readonly order: readonly KeyInPart[];
  /** Everything, not only what differs. */
  readonly isWhole: boolean;
}

/**
 * What is to be keyed in, in the order in which the timer asks for it: the clock, the settings that
 * differ from what is in it (or all), and a last look. Where run times are keyed in and a percentage other
 * than 100 % is in the timer, or may be, it is set to 100 % before them: run times are entered at 100 %.
 */
export function keyInSteps({ target, present, order, isWhole }: KeyInAsked): KeyInStep[] {
  const places = keyInPlaces(target).filter(
    (place) => isWhole || present === null || !isSameValue(place.read(target), place.read(present)),
  );
  const steps = order.flatMap((part): KeyInStep[] => {
    if (part === 'clock') return [CLOCK];
    const own = places
      .filter((place) => place.part === part)
      .map((place) => stepOf(place, target, present));
    return part === 'run-times' && own.length > 0
      ? [...percentFirst(target, present), ...own]
      : own;
  });
  return [...steps, ...lastLook(target)];
}

const CLOCK: KeyInStep = {
  key: 'clock',
  part: 'clock',
  program: null,
  station: null,
  what: 'Clock: year, date, weekday, time',
  value: null,
  before: null,
};

const stepOf = (place: KeyInPlace, target: Plan, present: Plan | null): KeyInStep => ({
  key: place.key,
  part: place.part,
  program: place.program ?? null,
  station: place.station ?? null,
  what: place.what,
  value: place.read(target),
  before: present && place.read(present),
});

function percentFirst(target: Plan, present: Plan | null): KeyInStep[] {
  if (target.timer.season === null) return [];
  const season = present?.controller.season;
  // A table by month does not change what the display shows as run times.
  if (season?.mode === 'monthly') return [];
  const hundred = { type: 'percent', percent: 100 } as const;
  const first = (key: string, program: string | null, before: number | null): KeyInStep => ({
    key: `${key} first`,
    part: 'percent',
    program,
    station: null,
    what: 'Season percentage, while run times are entered',
    value: hundred,
    before: before === null ? null : { type: 'percent', percent: before },
  });
  if (season?.mode === 'program')
    return present!.programs
      .filter(({ percent }) => percent !== 100)
      .map(({ id, percent }) => first(`${id} percent`, id, percent));
  if (season && season.percent === 100) return [];
  return [first('percent', null, season?.percent ?? null)];
}

/** What is looked at once more before leaving. */
function lastLook({ timer, controller }: Plan): KeyInStep[] {
  const look = (key: string, what: string, value: KeyInValue | null): KeyInStep => ({
    key: `look ${key}`,
    part: 'last-look',
    program: null,
    station: null,
    what,
    value,
    before: null,
  });
  const choice = (isOn: boolean, words: readonly [string, string]) =>
    ({ type: 'choice', isOn, words }) as const;
  return [
    look('run', 'The switch', choice(!controller.off, ['set to run', 'off'])),
    ...(timer.rainSensor
      ? [
          look(
            'sensor',
            'Rain sensor',
            choice(controller.rainSensor === 'active', ['active', 'bypassed']),
          ),
        ]
      : []),
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
