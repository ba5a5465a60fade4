/**
 * A screen of the signed-in application, and what stands on it once it is whole. The path has HOME for a property's id,
 * TIMER for a timer's, VISIT for that of a visit that is over, CHANGE for that of a change for many homes, COPY for that of its last copy, RULES and WEATHER for those of the first of each.
 * @typedef {{ readonly name: string, readonly path: string, readonly ready: string, readonly timer: string }} Screen
 */

/** @type {(name: string, path: string, ready: string, timer?: string) => Screen} */
const screen = (name, path, ready, timer = 'Carport') => ({ name, path, ready, timer });

/** A timer that collides, with the most stations and programs. */
const BUSY = 'Garage timer';
/** Where a visit is under way. */
const VISITED = 'Boat shed';

/**
 * Every screen behind the door.
 * @type {readonly Screen[]}
 */
export const SCREENS = [
  screen('the round', '/round?whose=firm', '[aria-labelledby="attention"] [data-kind]'),
  screen('changes for many homes', '/round/homes', 'main ul li'),
  screen(
    'a change for many homes',
    '/round/homes/CHANGE?which=all',
    '[aria-labelledby="timers"] [data-timer]',
  ),
  screen('jobs of all homes', '/round/jobs', 'main [data-job]'),
  screen('the weeks planned', '/round/plan', '[aria-label="Days"] li'),
  screen('the list of properties', '/properties', 'main [data-kind]'),
  screen('a property', '/properties/HOME', '[aria-label="Ways to go on"]'),
  screen('a new property', '/properties/new', '#gateNotes'),
  screen('a property that is changed', '/properties/HOME/edit', '#gateNotes'),
  screen('a week of a home', '/properties/HOME/week', 'main table tbody tr'),
  screen('the history of a home', '/properties/HOME/history', 'main ol li'),
  screen('a visit as it was', '/visits/VISIT', 'main section', 'Boat shed'),
  screen('photos of a home', '/properties/HOME/photos', 'main section h2'),
  screen('something is wrong', '/timers/TIMER/wrong', '[aria-labelledby="seen"] svg'),
  screen(
    'a simulated timer',
    '/timers/TIMER/simulated',
    '[aria-labelledby="none"], [aria-label="Front"]',
  ),
  screen('a yard', '/timers/TIMER/yard', 'table[aria-label="Stations"]'),
  screen('a reading', '/timers/TIMER/as-found?step=1', 'main table'),
  screen('the check of a reading', '/timers/TIMER/as-found?step=4', '[aria-label="Findings"]'),
  screen('saved copies', '/timers/TIMER/copies', 'td a'),
  screen('the timer types', '/timer-types', 'main ul li'),
  screen('a type by questions', '/timer-types/new?like=wall-12', 'fieldset legend'),
  screen('the rules', '/rules', 'main ul li'),
  screen('rules of a district', '/rules/new', '[aria-label="Which houses"]'),
  screen('practice', '/practice', '[aria-labelledby="free"]'),
  screen(
    'a lesson',
    '/practice/percentage?case=4',
    ':is([aria-labelledby="begin"], [aria-label="Front"])',
  ),
  screen('what is simulated', '/firm/simulated', '[aria-labelledby="meters"]'),
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
  screen('the desk', '/timers/TIMER?from=2026-06-01', '[data-run]', BUSY),
  screen(
    'the fewest changes of a desk',
    '/timers/TIMER?from=2026-06-01&mode=repair',
    '[aria-label="With the changes"] [data-run]',
    BUSY,
  ),
  screen('nights on the desk', '/timers/TIMER?pane=nights', '[data-run]', BUSY),
  screen('findings on the desk', '/timers/TIMER?pane=findings', '[aria-label="Findings"] li', BUSY),
  screen('a year on the desk', '/timers/TIMER?board=year', '[aria-label="Findings"] li', BUSY),
  screen(
    'plans side by side',
    '/timers/TIMER?mode=plan',
    '[aria-label="Plans side by side"]',
    BUSY,
  ),
  screen(
    'a year in percentages',
    '/timers/TIMER?mode=season',
    '[aria-label="Percentage by month"]',
    BUSY,
  ),
  screen(
    'the clock of a visit',
    '/timers/TIMER/visit/clock',
    'nav[aria-label="Visit"] ol',
    VISITED,
  ),
  screen('keying in', '/timers/TIMER/visit/key-in', '[data-key]', VISITED),
  screen(
    'the circuits of a timer',
    '/timers/TIMER/visit/circuits',
    'ol[aria-label="Circuits of the stations"]',
    VISITED,
  ),
  screen('care and its checklists', '/timers/TIMER/visit/care', '#checklist', VISITED),
  screen('the walk', '/timers/TIMER/visit/walk', 'ol[aria-label="Stations"]', VISITED),
  screen('what is left behind', '/timers/TIMER/visit/leave', 'article[data-paper]', VISITED),
  screen('a copy', '/copies/COPY', 'main table'),
  screen('the sheet of a copy', '/copies/COPY/sheet', 'article[data-paper]'),
  screen('who changed what at a home', '/properties/HOME/changes', '[aria-label="Changes"] ol li'),
  screen('who changed what', '/firm/changes', '[aria-label="Changes"] ol li'),
  screen('how long things are kept', '/firm/keeping', '[aria-labelledby="spans"] input'),
  screen('the outbox', '/firm/outbox', 'main h1'),
  screen('rules that are kept', '/rules/RULES', '[aria-label="Which houses"]'),
  screen('weather that is simulated', '/weather/WEATHER', 'main svg rect'),
];

/**
 * The path of each screen in one application: of the demo, with a visit begun where one is to be seen.
 * @param {<Answer>(method: string, path: string, body?: unknown) => Promise<Answer>} ask Asks its API.
 * @returns {Promise<(screen: Screen) => string>}
 */
export async function pathsOfScreens(ask) {
  /** @type {{ rows: { id: string, timers: { id: string, name: string }[] }[] }} */
  const { rows } = await ask('GET', '/properties?from=2026-06-01');
  const timers = rows.flatMap(({ id, timers: own }) =>
    own.map((timer) => ({ ...timer, home: id })),
  );
  /** @param {string} name */
  const timerOf = (name) => timers.find((timer) => timer.name === name);
  /** @type {(path: string) => Promise<string>} */
  const firstOf = async (path) => /** @type {{ id: string }[]} */ (await ask('GET', path))[0].id;
  const known = /** @type {{ id: string }[]} */ (await ask('GET', '/rollouts'));
  const change = { kind: 'percentage', percent: 80 };
  const tried = { change, on: '2026-06-01', from: '2026-06-01' };
  const [rollout = await ask('POST', '/rollouts', tried)] = known;
  /** @type {{ id: string, endedAt: string | null }[]} */
  const visited = (
    await Promise.all(timers.map(({ id }) => ask('GET', `/timers/${id}/visits`)))
  ).flat();
  const ids = {
    VISIT: visited.find(({ endedAt }) => endedAt !== null).id,
    CHANGE: /** @type {{ id: string }} */ (rollout).id,
    COPY: await firstOf(`/timers/${timerOf('Carport').id}/copies`),
    RULES: await firstOf('/rule-sets'),
    WEATHER: await firstOf('/weather'),
  };
  const visits = `/timers/${timerOf(VISITED).id}/visits`;
  /** @type {{ endedAt: string | null }[]} */
  const begun = await ask('GET', visits);
  if (!begun.some(({ endedAt }) => endedAt === null)) await ask('POST', visits, {});
  return ({ path, timer }) => {
    const { id, home } = timerOf(timer);
    return Object.entries({ HOME: home, TIMER: id, ...ids }).reduce(
      (filled, [name, value]) => filled.replace(name, value),
      path,
    );
  };
}
