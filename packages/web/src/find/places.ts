import type { ColourScheme } from '../ui/theme';
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
  page('Properties', '/properties', 'all homes'),
  page('Timer types', '/timer-types', 'what each type can do'),
  page('Rules', '/rules', 'local watering rules by district'),
  page('Weather', '/weather', 'records and averages'),
  page('Firm and people', '/firm', 'units, members, telephone'),
  page('Who changed what', '/firm/changes', 'all changes of the firm'),
  page('What is kept, and how long', '/firm/keeping', 'retention, archive, erasure'),
  page('Your account', '/account', 'password, authenticator, devices'),
];

interface TimerHere {
  readonly id: string;
  readonly name: string;
  readonly property: string;
}

const OF_TIMER = [
  ['Desk', '', 'settings, nights, findings'],
  ['Visit', '/visit', ''],
  ['As found', '/as-found', 'read the timer'],
  ['Yard', '/yard', 'what its stations water'],
  ['Measure', '/measure', 'catch test, run-off, meter'],
  ['Need', '/need', 'how much, how seldom, how long'],
  ['Water', '/water', 'a season at the roots'],
  ['Saved copies', '/copies', ''],
  ['Sheet for the door', '/sheet', ''],
] as const;

const FOR_CHANGING = ['/visit', '/as-found', '/measure'];

/** The pages of the timer that one is at. */
export const pagesOf = (timer: TimerHere, mayChange: boolean): Line[] =>
  OF_TIMER.filter(([, place]) => mayChange || !FOR_CHANGING.includes(place)).map(
    ([title, place, what]) =>
      page(title, `/timers/${timer.id}${place}`, what || `${timer.property}, ${timer.name}`),
  );

/** What can be done from anywhere. */
export const actions = (scheme: ColourScheme, choose: (to: ColourScheme) => void): Line[] => {
  const other = scheme === 'dark' ? 'light' : 'dark';
  return [
    { ...page('Add a property', '/properties/new'), sort: 'action' },
    {
      key: 'scheme',
      title: `Switch to ${other} colours`,
      where: '',
      sort: 'action',
      act: () => choose(other),
    },
  ];
};
