import type { SetUpStep } from '@water-clock/core/set-up';

interface StepWords {
  /** In the list of steps. */
  readonly name: string;
  /** As what is to be done next. */
  readonly next: string;
  /** What is not there as long as it is left out. */
  readonly without: string;
}

export const STEP_WORDS: Readonly<Record<SetUpStep, StepWords>> = {
  home: {
    name: 'Home',
    next: 'Say where it is',
    without:
      'Without an address and a town no rules can be found for it, and the sheet has no address.',
  },
  timer: {
    name: 'Timer',
    next: 'Add the timer',
    without: 'Without a timer there are no stations, no plan and no sheet.',
  },
  'as-found': {
    name: 'As found',
    next: 'Read the timer',
    without:
      'Right for a timer that is new or empty. Otherwise nobody can tell later what was in it before.',
  },
  stations: {
    name: 'Stations',
    next: 'Say what each station waters',
    without: 'Without their heads and plants nobody can work out how long the stations should run.',
  },
  supply: {
    name: 'Supply',
    next: 'Measure the water supply',
    without: 'Without the flow nobody checks whether what runs together gets enough water.',
  },
  rules: {
    name: 'Rules',
    next: 'Choose the local rules',
    without:
      'Days and hours are checked against no rules. Check with the water supplier before you set them.',
  },
  weather: {
    name: 'Weather',
    next: 'Choose the weather',
    without:
      'Run times go by the customary minutes of each head then, more in summer and less in spring and autumn.',
  },
  plan: {
    name: 'Plan',
    next: 'Plan its watering',
    without: 'Nothing is worked out: the settings stay as they are.',
  },
  sheet: {
    name: 'Sheet',
    next: 'Leave the sheet',
    without: 'The household has nothing at the door that says when which station waters.',
  },
};

/** Where a step is done. */
export function placeOfStep(step: SetUpStep, propertyId: string, timerId: string | null): string {
  const [home, edit] = [`/properties/${propertyId}`, `/properties/${propertyId}/edit`];
  switch (step) {
    case 'home':
      return `${edit}?at=address`;
    case 'supply':
      return `${edit}?at=supplyLpm`;
    case 'rules':
      return `${edit}?at=ruleSetId`;
    case 'weather':
      return `${edit}?at=weatherId`;
    default:
      return timerId === null ? `${home}?add=timer` : `/timers/${timerId}${PAGE_OF[step]}`;
  }
}

const PAGE_OF = {
  timer: '',
  'as-found': '/as-found',
  stations: '/yard',
  plan: '?mode=plan',
  sheet: '/sheet',
} as const;
