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
  screen('the list of properties', '/properties', '.outlook'),
  screen('a property', '/properties/HOME', '.timer-ways'),
  screen('a new property', '/properties/new', '#gateNotes'),
  screen('a property that is changed', '/properties/HOME/edit', '#gateNotes'),
  screen('a yard', '/timers/TIMER/yard', '.yard-table'),
  screen('a reading', '/timers/TIMER/as-found?step=1', '.as-found-table'),
  screen('the check of a reading', '/timers/TIMER/as-found?step=4', '.as-found-findings'),
  screen('saved copies', '/timers/TIMER/copies', 'td a'),
  screen('the timer types', '/timer-types', '.list li'),
  screen('a type by questions', '/timer-types/new?like=wall-12', '.type-question'),
  screen('the rules', '/rules', '.list li'),
  screen('rules of a district', '/rules/new', '.rule-house'),
  screen('the firm', '/firm', '.customary'),
  screen('the weather', '/weather', '.list li'),
  screen('weather by month', '/weather/new', '.weather-bring'),
  screen('a catch test', '/timers/TIMER/measure', '.big-input'),
  screen('the stopwatch', '/timers/TIMER/measure?way=run-off', '.measure-watch'),
  screen('the meter', '/timers/TIMER/measure?way=meter', '.big-input'),
  screen('the need', '/timers/TIMER/need', '.need-table'),
  screen('a season at the roots', '/timers/TIMER/water?over=desk', '.roots-chart path'),
  screen('a visit that is to begin', '/timers/TIMER/visit', '#here'),
  screen('a plan made for a home', '/timers/TIMER?mode=plan', '.offers'),
  screen('a season in percentages', '/timers/TIMER?mode=season', '.season-table'),
];
