import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** What is to be read: some element that the selector finds has all of the words, as its text, value or name. */
export interface Sight {
  readonly path: string;
  readonly selector: string;
  readonly words: readonly string[];
  /** By somebody who is not signed in, with signal. */
  readonly isOfGuest?: boolean;
}

interface Places {
  readonly home: string;
  readonly timer: string;
  /** Of a copy, once there is the one that is read. */
  readonly copy?: string | undefined;
  /** Of a sheet, once it was left. */
  readonly link?: string | undefined;
}

const facts = JSON.parse(readFileSync(join(process.cwd(), 'docs/facts.json'), 'utf8')) as {
  readonly fact: string;
  readonly shows: readonly string[];
}[];

/** The screens that show each fact, as the page of the facts names them. */
export const SCREENS_OF: ReadonlyMap<string, readonly string[]> = new Map(
  facts.map(({ fact, shows }) => [fact, shows]),
);

/** What came with the page that is there now. */
const HERE = 'main :not([data-left])';

/** Where each fact is read, by the screen, once the journey has changed it. */
export function factsShown({
  home,
  timer,
  copy = '',
  link = '',
}: Places): Readonly<Record<string, Readonly<Record<string, Sight>>>> {
  const see = (path: string, selector: string, ...words: string[]): Sight => ({
    path,
    selector,
    words,
  });
  const at = (path: string, ...words: string[]) => see(path, HERE, ...words);
  const inRound = (...words: string[]) =>
    see('/round?whose=firm', '[aria-labelledby="attention"] > ul > li', ...words);
  const property = `/properties/${home}`;
  const desk = `/timers/${timer}?from=2026-06-01`;
  const of = (place: string) => `/timers/${timer}${place}`;
  const onDesk = (selector: string, ...words: string[]) => see(desk, selector, ...words);
  // On a phone the board is drawn where it is looked at.
  const nights = `${desk}&pane=nights`;
  const onBoard = (selector: string, ...words: string[]) => see(nights, selector, ...words);
  const findings = '[aria-label="Findings"]';
  const runs = '[aria-label^="Night board"] [data-run]';
  return {
    'Settings wanted': {
      desk: onDesk('[aria-label="Program A, start 1"]', '08:10'),
      verdict: onDesk('[role="status"][data-kind]', 'first Mon 1 June, 04:40'),
      findings: onDesk(`${findings} [data-code="collision"]`, 'at 04:40 while'),
      board: onBoard(runs, 'Program A', '08:10 to'),
      year: see(
        `${nights}&board=year`,
        '[aria-live="polite"]',
        'First collision: Mon 1 June, 04:40',
      ),
      'list of homes': at('/properties', 'Carport', ', 04:40'),
      property: at(property, 'Two runs collide, first on', ', 04:40'),
      'key in': at(of('/visit/key-in?all=yes'), '08:10'),
      round: inRound('Carport', ', 04:40'),
    },
    Percentages: {
      desk: onDesk('[aria-label="Season percentage"]', '80'),
      headroom: onDesk('[role="img"][aria-label^="Clear at"]', 'Now 80 %'),
      board: onBoard(runs, 'Program A', '48 min'),
      year: see(`${nights}&board=year`, '[data-night]', 'program A 2 h 24 min'),
      season: see(`${desk}&mode=season`, '[aria-label="What to set, and when"]', 'June: 80 %'),
      'key in': at(of('/visit/key-in?all=yes'), '80 %'),
    },
    'Clock error': {
      desk: onDesk('[aria-label^="Clock: "]', '40 min ahead'),
      findings: onDesk(`${findings} [data-code="clock-off"]`, '40 min'),
      board: see(`${nights}&time=true`, runs, 'Program A', '07:30 to'),
    },
    Pauses: {
      verdict: onDesk('[role="status"]', 'On hold from Wed 3 June'),
      board: onBoard('[aria-label^="Night board"]', 'on hold'),
      property: at(property, 'On hold', 'from '),
      sheet: at(of('/sheet'), 'On hold from'),
      copy: at(`/copies/${copy}`, 'Wed 3 June'),
    },
    'Rules by date': {
      findings: onDesk(`${findings} [data-code="rule-day"]`, 'Mon 1 June'),
      board: onBoard('[aria-label^="Night board"] title', 'No watering in these hours'),
      plan: see(`${desk}&mode=plan`, '[aria-label="Plans"] title', 'No watering in these hours'),
      season: see(`${desk}&mode=season`, '[aria-label="Percentage by month"] td', 'local rules'),
      property: at(property, 'Tuesdays and Saturdays, and no other day'),
      sheet: at(of('/sheet'), 'Now: watering on'),
    },
    Yard: {
      yard: see(of('/yard'), '[aria-label="Station 1, name"]', 'Plum hedge'),
      need: at(of('/need'), 'Plum hedge'),
      plan: see(
        `${desk}&mode=plan`,
        '[aria-label="What each station is to be given"]',
        'Plum hedge',
      ),
      desk: onDesk('[aria-label="Station 1, name"]', 'Plum hedge'),
      measure: at(of('/measure'), 'Plum hedge'),
      walk: at(of('/visit/walk'), 'Plum hedge'),
      sheet: at(of('/sheet'), 'Plum hedge'),
    },
    Timer: {
      desk: onDesk('[aria-label="Program C, start 1"]'),
      'key in': at(of('/visit/key-in?all=yes'), 'Program C'),
      'as found': at(of('/as-found?step=3'), 'Program C'),
      'list of homes': at('/properties', 'Wall timer of the porch'),
      property: at(property, 'Wall timer of the porch'),
    },
    Home: {
      'list of homes': at('/properties', 'Plum and wren'),
      property: at(property, 'Plum and wren'),
      visit: at(of('/visit'), 'Plum and wren'),
      desk: onDesk('h1:not([data-left])', 'Plum and wren'),
      sheet: at(of('/sheet'), 'Plum and wren'),
    },
    Weather: {
      weather: at('/weather', 'Old airfield'),
      need: at(of('/need'), 'Old airfield'),
      season: see(`${desk}&mode=season`, 'main a:not([data-left])', 'Old airfield'),
      'water balance': at(of('/water'), 'Old airfield'),
      property: at(property, 'Old airfield'),
    },
    'Visit steps': {
      visit: at(of('/visit'), 'no key to the case'),
      bar: see(of('/visit'), 'nav[aria-label="Visit"] li', 'Clock, skipped'),
      walk: see(of('/visit/walk'), '[aria-label="Stations"] li', '2', 'Leak'),
      leave: see(of('/visit/leave'), 'label:has(input:checked)', 'The battery was changed'),
      sheet: at(of('/sheet'), '2027: Change the backup battery'),
    },
    Jobs: {
      visit: at(of('/visit'), 'Leak'),
      property: at(property, 'Leak'),
      round: inRound('Carport', '1 job open'),
    },
    Photos: {
      photos: see(`${property}/photos`, 'main button', 'Under the pear'),
      walk: see(of('/visit/walk?station=2'), 'main button', 'The head, station 2: Under the pear'),
      visit: see(of('/visit'), '[aria-label="Photos of this visit"] button', 'Under the pear'),
      property: see(property, '[aria-labelledby="photos"] button', 'Under the pear'),
    },
    'What households tell': {
      round: see('/round?whose=firm', '[data-telling]', 'A puddle by the gate'),
      'something is wrong': at(of('/wrong'), 'A puddle by the gate'),
    },
    'Planned visits and dues': {
      round: at('/round?whose=firm', 'Fence posts'),
      'weeks planned': at('/round/plan?whose=firm', 'Fence posts'),
    },
    'Changes for many homes': {
      'changes for many homes': at('/round/homes', 'Season percentage 100 %'),
    },
    Sheets: {
      sheet: at(of('/sheet'), 'A link until'),
      leave: at(of('/visit/leave'), 'A link until'),
      "householder's page": { ...see(link, 'main', 'Plum and wren'), isOfGuest: true },
    },
    'Firm and people': {
      firm: see('/firm', 'input[type="tel"], main input', '555 0177'),
      yard: at(of('/yard'), 'sq ft'),
      need: at(of('/need'), 'in/h'),
      measure: at(of('/measure'), 'in/h'),
      'water balance': at(of('/water'), 'gal'),
      property: at(property, 'gal/min'),
      sheet: at(of('/sheet'), '555 0177'),
    },
    'In the timer': {
      'key in': see(of('/visit/key-in'), '[data-key="end"]'),
      leave: see(of('/visit/leave'), '[aria-labelledby="last-look"]', '80 %'),
      sheet: at(of('/sheet'), '08:10', 'not read off the timer again'),
      copies: see(of('/copies'), 'tr', 'yes, as far as we know', 'keyed in since'),
      copy: at(`/copies/${copy}`, 'in the timer now, but for', 'keyed in since'),
      visit: at(of('/visit'), 'values were not confirmed'),
      property: at(property, 'values were not confirmed'),
      desk: onDesk('main p:not([data-left])', 'values were not confirmed'),
    },
    'Taken away': {
      rules: at('/rules', 'Sparrow Steps'),
      weather: at('/weather', 'Old airfield'),
      'timer types': at('/timer-types', 'Porch clock'),
    },
  };
}
