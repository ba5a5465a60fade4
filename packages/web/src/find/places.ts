import { timerPages } from '../timer-records/timer-pages';
import type { SchemeSwitch } from '../ui/colour-scheme';
import type { Line } from './line';

const page = (title: string, act: string, where = ''): Line => ({
  key: `page ${act}`,
  title,
  where,
  sort: 'page',
  act,
});

/** The pages that belong to no home. */
export const PAGES: readonly Line[] = [
  page('Round', '/round', 'today, what is due, what needs attention'),
  page('Jobs', '/round/jobs', 'open, planned and done, of all homes'),
  page('Planned visits', '/round/plan', 'by month and week'),
  page('Properties', '/properties', 'all homes'),
  page('Timer types', '/timer-types', 'what each type can do'),
  page('Rules', '/rules', 'local watering rules by district'),
  page('Weather', '/weather', 'records and averages'),
  page('Firm and people', '/firm', 'units, members, telephone'),
  page('Who changed what', '/firm/changes', 'all changes of the firm'),
  page('What is kept, and how long', '/firm/keeping', 'retention, archive, erasure'),
  page('Practice', '/practice', 'twelve lessons, and cases to find'),
  page('What is simulated', '/firm/simulated', 'timers, weather, mail, meters'),
  page('Your account', '/account', 'password, authenticator, devices'),
];

/** The pages of the timer that one is at. */
export const pagesOf = (timerId: string, mayChange: boolean): Line[] =>
  [...timerPages(mayChange), ...(mayChange ? [VISIT] : [])].map(({ name, place, what }) =>
    page(name, `/timers/${timerId}${place}`, what),
  );

const VISIT = { name: 'Visit', place: '/visit', what: 'from as found to the sheet at the door' };

/** What can be done from anywhere. */
export const actions = (scheme: SchemeSwitch): Line[] => [
  { ...page('Add a property', '/properties/new'), sort: 'action' },
  { key: 'scheme', title: scheme.words, where: '', sort: 'action', act: scheme.change },
];
