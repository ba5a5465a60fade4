import { VISIT_STEPS, type VisitStep } from '@water-clock/core/visits';

/** Where each step of a visit is taken. */
export function stepPlace(step: VisitStep, timerId: string): string {
  const timer = `/timers/${timerId}`;
  switch (step) {
    case 'arrive':
      return `${timer}/visit`;
    case 'as-found':
    case 'yard':
    case 'need':
      return `${timer}/${step}`;
    case 'plan':
      return `${timer}?mode=plan`;
    case 'clock':
    case 'key-in':
    case 'walk':
    case 'leave':
      return `${timer}/visit/${step}`;
  }
}

/** The step that an address is the place of, as far as it tells. */
export function stepAt(pathname: string): VisitStep | null {
  const [, , , place = '', step = ''] = pathname.split('/');
  switch (place) {
    case '':
      return 'plan';
    case 'as-found':
    case 'yard':
    case 'need':
      return place;
    case 'measure':
      return 'yard';
    case 'visit':
      return step === '' ? 'arrive' : (VISIT_STEPS.find((one) => one === step) ?? null);
    default:
      return null;
  }
}

/** What each step is for, in a line. */
export const STEP_PURPOSES: Readonly<Record<VisitStep, string>> = {
  arrive: 'What is here, what was left last time, the jobs',
  'as-found': 'Read the timer before anything is changed',
  clock: 'Set the true time, date and weekday',
  yard: 'What each station waters',
  need: 'How much, how seldom, how long at once',
  plan: 'Settings that never collide',
  'key-in': 'Put them into the timer, and read them back',
  walk: 'See every station run',
  leave: 'The last look, and the sheet for the door',
};
