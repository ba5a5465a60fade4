/**
 * A screen of the signed-in application, and what stands on it once it is whole. The path has HOME for a
 * property's id and TIMER for a timer's.
 * @typedef {{ readonly name: string, readonly path: string, readonly ready: string }} Screen
 */

/** @type {(name: string, path: string, ready: string) => Screen} */
const screen = (name, path, ready) => ({ name, path, ready });

/**
 * Every screen behind the door but the desk with its board, which has journeys of its own.
 * @type {readonly Screen[]}
 */
export const SCREENS = [
  screen('the list of properties', '/properties', 'main [data-kind]'),
  screen('a property', '/properties/HOME', '[aria-label="Ways to go on"]'),
  screen('a new property', '/properties/new', '#gateNotes'),
  screen('a property that is changed', '/properties/HOME/edit', '#gateNotes'),
  screen('a week of a home', '/properties/HOME/week', 'main table tbody tr'),
  screen('a yard', '/timers/TIMER/yard', 'table[aria-label="Stations"]'),
  screen('a reading', '/timers/TIMER/as-found?step=1', 'main table'),
  screen('the check of a reading', '/timers/TIMER/as-found?step=4', '[aria-label="Findings"]'),
  screen('saved copies', '/timers/TIMER/copies', 'td a'),
  screen('the timer types', '/timer-types', 'main ul li'),
  screen('a type by questions', '/timer-types/new?like=wall-12', 'fieldset legend'),
  screen('the rules', '/rules', 'main ul li'),
  screen('rules of a district', '/rules/new', '[aria-label="Which houses"]'),
  screen('the firm', '/firm', '[aria-labelledby="customary"] table'),
  screen('an account', '/account', '[aria-labelledby="sessions"] li'),
  screen('the weather', '/weather', 'main ul li'),
  screen('weather by month', '/weather/new', 'main input[type="file"]'),
  screen('a catch test', '/timers/TIMER/measure', 'main input[inputmode="decimal"]'),
  screen('the stopwatch', '/timers/TIMER/measure?way=run-off', '[aria-label="Time on"]'),
  screen('the meter', '/timers/TIMER/measure?way=meter', 'main input[inputmode="decimal"]'),
  screen(
    'the need',
    '/timers/TIMER/need',
    ':is([aria-label="Need of every station"], [aria-label^="Need of station"])',
  ),
  screen(
    'a season at the roots',
    '/timers/TIMER/water?over=desk',
    '[aria-label="Day of the season"] path',
  ),
  screen('a visit that is to begin', '/timers/TIMER/visit', '#here'),
  screen('a plan made for a home', '/timers/TIMER?mode=plan', '[aria-label="Plans side by side"]'),
  screen('the rest of a reading', '/timers/TIMER/as-found?step=3', '[aria-label="The rest"]'),
  screen('a sheet for the door', '/timers/TIMER/sheet', 'article[data-paper]'),
  screen(
    'a season in percentages',
    '/timers/TIMER?mode=season',
    '[aria-label="Percentage by month"]',
  ),
];
