/** A page of a timer. */
export interface TimerPage {
  /** Behind the timer's own address. */
  readonly place: string;
  readonly name: string;
  /** What is done there, in short. */
  readonly what: string;
}

const PAGES: readonly (TimerPage & { readonly isForChanging?: boolean })[] = [
  { place: '', name: 'Desk', what: 'settings, nights, findings' },
  { place: '/as-found', name: 'As found', what: 'read the timer', isForChanging: true },
  { place: '/wrong', name: 'Something is wrong', what: 'from what was seen to its cause' },
  { place: '/yard', name: 'Yard', what: 'what its stations water' },
  {
    place: '/measure',
    name: 'Measure',
    what: 'catch test, run-off, meter',
    isForChanging: true,
  },
  { place: '/need', name: 'Need', what: 'how much, how seldom, how long' },
  { place: '/water', name: 'Water', what: 'a season at the roots' },
  { place: '/copies', name: 'Saved copies', what: 'and compare' },
  { place: '/sheet', name: 'Sheet for the door', what: 'print, PDF, link' },
  {
    place: '/simulated',
    name: 'Simulated timer',
    what: 'press its buttons, let its clock run fast',
    isForChanging: true,
  },
];

/** The pages of a timer, in the order of the work, that somebody may open. */
export const timerPages = (mayChange: boolean): readonly TimerPage[] =>
  PAGES.filter(({ isForChanging = false }) => mayChange || !isForChanging);
