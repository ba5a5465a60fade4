import { hasWatering, type Plan } from '../settings/index.js';
import type { Yard } from '../yards/index.js';

/** What a new home is led through, in the order of the work. */
export const SET_UP_STEPS = [
  'home',
  'timer',
  'as-found',
  'stations',
  'supply',
  'rules',
  'weather',
  'plan',
  'sheet',
] as const;
export type SetUpStep = (typeof SET_UP_STEPS)[number];

/** Nothing of them can be done before there is a timer. */
const OF_THE_TIMER: ReadonlySet<SetUpStep> = new Set(['as-found', 'stations', 'plan', 'sheet']);

/** What is there of a home by now. */
export interface HomeSoFar {
  readonly address: string;
  readonly town: string;
  readonly supplyLpm: number | null;
  readonly ruleSetId: string | null;
  readonly weatherId: string | null;
  /** The first of its timers; null: there is none yet. */
  readonly timer: {
    readonly settings: Plan;
    readonly yard: Pick<Yard, 'stations' | 'school'>;
    /** Somebody has read it off, or left it set. */
    readonly isRead: boolean;
    /** A sheet for the door was left. */
    readonly hasSheet: boolean;
  } | null;
}

export interface StepOfHome {
  readonly step: SetUpStep;
  /** What is there is done, whoever did it and wherever; what was skipped may still be done. */
  readonly state: 'done' | 'skipped' | 'open';
}

/** How far a home is set up, by what is there of it. */
export function setUpSteps(home: HomeSoFar, skipped: readonly SetUpStep[]): StepOfHome[] {
  const hasNoTimer = home.timer === null && skipped.includes('timer');
  return SET_UP_STEPS.map((step) => {
    if (IS_DONE[step](home)) return { step, state: 'done' };
    const isSkipped = skipped.includes(step) || (hasNoTimer && OF_THE_TIMER.has(step));
    return { step, state: isSkipped ? 'skipped' : 'open' };
  });
}

/** The first step that is neither done nor skipped; null: there is none left. */
export const nextStep = (steps: readonly StepOfHome[]): SetUpStep | null =>
  steps.find(({ state }) => state === 'open')?.step ?? null;

const IS_DONE: Readonly<Record<SetUpStep, (home: HomeSoFar) => boolean>> = {
  home: ({ address, town }) => address !== '' || town !== '',
  timer: ({ timer }) => timer !== null,
  'as-found': ({ timer }) => timer !== null && timer.isRead,
  stations: ({ timer }) => timer !== null && areDescribed(timer.yard.stations),
  supply: ({ supplyLpm }) => supplyLpm !== null,
  rules: ({ ruleSetId }) => ruleSetId !== null,
  weather: ({ weatherId, timer }) => weatherId !== null || timer?.yard.school === 'minute',
  plan: ({ timer }) => timer !== null && hasWatering(timer.settings),
  sheet: ({ timer }) => timer !== null && timer.hasSheet,
};

/** Whether each station that is on has a head: how long it runs goes by that at least. */
function areDescribed(stations: Yard['stations']): boolean {
  return (
    stations.length > 0 && stations.every(({ enabled, head }) => !enabled || head !== undefined)
  );
}
