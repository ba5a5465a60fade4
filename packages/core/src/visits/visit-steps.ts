/** The steps of a visit, in the order in which they are taken. */
export const VISIT_STEPS = [
  'arrive',
  'as-found',
  'clock',
  'yard',
  'need',
  'plan',
  'key-in',
  'walk',
  'leave',
] as const;
export type VisitStep = (typeof VISIT_STEPS)[number];

export const STEP_NAMES: Readonly<Record<VisitStep, string>> = {
  arrive: 'Arrive',
  'as-found': 'As found',
  clock: 'Clock',
  yard: 'Yard',
  need: 'Need',
  plan: 'Plan',
  'key-in': 'Key in',
  walk: 'Walk',
  leave: 'Leave',
};
