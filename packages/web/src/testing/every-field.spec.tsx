/** @jest-environment jsdom */
import { aroundScreens } from './in-app';
import { renderToStaticMarkup } from 'react-dom/server';
import { changeSentences, differences } from '@water-clock/core/compare';
import { parseDate } from '@water-clock/core/civil-time';
import { keyInPlaces, keyInSteps, lastLook, valueWords, withShown } from '@water-clock/core/key-in';
import { propertyFileSchema } from '@water-clock/core/property-file';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { printedCopy, sheetOf } from '@water-clock/core/sheets';
import { KEY_IN_PARTS, TimerHandling } from '@water-clock/core/timer-types';
import type { ReactElement } from 'react';
import { DeskSettings } from '../desk/desk-settings';
import { partsRead } from '../visit/as-found/parts-read';
import { ClockReading, ProgramReading, RestReading } from '../visit/as-found/readings';
import { testPlan } from './plans';

const ON = parseDate('2026-06-01')!;

/** A timer type that has everything, with everything set; the season as asked. */
const whole = (season: object): Plan =>
  testPlan({
    timer: {
      ...{ stations: 3, programs: ['A', 'B', 'C'], startsPerProgram: 3 },
      dayModes: ['weekdays', 'odd', 'even', 'interval', 'hours'],
      season: { modes: ['whole', 'program', 'monthly', 'weather'] },
      ...{
        cycleSoak: { policy: 'in-order' },
        maxConcurrentStations: 3,
        maxStationDelaySeconds: 600,
      },
      ...{ monthDaysOff: true, noWaterWindows: true, programWindows: true },
      ...{ pumpPerStation: true, rainSensor: true, freezeSensor: true },
    },
    controller: {
      season,
      ...{ stationDelaySeconds: 20, monthDaysOff: [4, 31] },
      noWater: [{ from: '10:00', to: '18:00', weekdays: [2, 5] }],
      pauses: [{ from: '2026-06-03T00:00:00', to: '2026-06-05T00:00:00' }],
      clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
    },
    stations: [1, 2, 3].map((number) => ({
      ...{ number, name: `Bed ${number}`, cycleSeconds: 300, soakSeconds: 1200 },
      ...{ flowLpm: 9, pump: number === 2, head: 'spray', plant: 'turf' },
      ...{ runoffSeconds: 400, minSoakSeconds: 60 },
    })),
    programs: [
      { days: { mode: 'weekdays', weekdays: [1, 4] }, starts: ['03:30', '05:00'] },
      { days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' }, starts: ['21:00'] },
      { days: { mode: 'hours', everyHours: 12, anchor: '2026-06-02T13:00:00' } },
    ].map((program, index) => ({
      ...{ id: 'ABC'[index], percent: 90, blockedWeekdays: [6], concurrent: 2 },
      waterWindows: [{ from: '20:00', to: '07:00', weekdays: [1, 2, 3, 4] }],
      runs: [1, 2].map((station) => ({ station, seconds: 600 })),
      ...program,
    })),
  });

type Path = readonly (string | number)[];

/** The place of every single value of a document. */
const leavesOf = (value: unknown, at: Path = []): Path[] =>
  typeof value !== 'object' || value === null
    ? [at]
    : Object.entries(value).flatMap(([key, inner]) =>
        leavesOf(inner, [...at, Array.isArray(value) ? Number(key) : key]),
      );

function otherThan(value: unknown): unknown[] {
  if (typeof value === 'boolean') return [!value];
  if (typeof value === 'number') return [value + 60, value + 1, value - 1];
  const text = String(value);
  if (/^\d\d:\d\d$/.test(text)) return [text.replace(/\d$/, '5')];
  const two = (number: string) => String(Number(number) + 1).padStart(2, '0');
  if (/^\d{4}-\d\d-\d\dT/.test(text)) return [text.replace(/(?<=T)\d\d/, two)];
  if (/^\d{4}-\d\d-\d\d$/.test(text)) return [text.replace(/\d\d$/, two)];
  return ['bypass', 'active', 'rotor', 'shrubs', `${text}~`];
}

const put = (document: unknown, [key, ...rest]: Path, value: unknown): unknown => {
  if (key === undefined) return value;
  if (Array.isArray(document))
    return document.map((entry, index) => (index === key ? put(entry, rest, value) : entry));
  const fields = document as Readonly<Record<string, unknown>>;
  return { ...fields, [key]: put(fields[key], rest, value) };
};

/** The same settings, otherwise at one place; null where nothing else may stand there. */
function changedAt(plan: Plan, leaf: Path): Plan | null {
  const plain: unknown = JSON.parse(JSON.stringify(plan));
  const value = leaf.reduce<unknown>(
    (at, key) => (at as Record<string | number, unknown>)[key],
    plain,
  );
  for (const other of otherThan(value)) {
    const read = readPlan(put(plain, leaf, other));
    if (read.ok && differences(plan, read.value).length > 0) return read.value;
  }
  return null;
}

/** All that a person can see of a screen: its words, what stands in its fields, what is on, what buttons say. */
function seen(screen: ReactElement): string {
  const { wrapper: Around } = aroundScreens();
  const page = document.createElement('div');
  page.innerHTML = renderToStaticMarkup(<Around>{screen}</Around>);
  page.querySelectorAll('style').forEach((style) => style.remove());
  const fields = [...page.querySelectorAll('input, select, button, [aria-label]')].map((one) =>
    [
      ...['aria-label', 'value', 'checked', 'aria-checked'].map(
        (name) => one.getAttribute(name) ?? 'none',
      ),
      one instanceof HTMLSelectElement ? one.value : '',
    ].join(' '),
  );
  return [page.textContent, ...fields].join('\n');
}

const nothing = () => undefined;

/** What each screen, or paper, shows of settings. */
const SCREENS: Readonly<Record<string, (plan: Plan, before: Plan) => string>> = {
  desk: (plan) =>
    seen(
      <DeskSettings
        {...{
          plan,
          longestHoldDays: 14,
          totals: {},
          inForce: [],
          leaders: new Map(),
          moistureHeld: [],
          since: ON,
        }}
        onEdit={nothing}
        onSettle={nothing}
      />,
    ),
  'as found': (plan) =>
    seen(
      <>
        <ClockReading clock={plan.controller.clock} timeZone={undefined} edit={nothing} />
        {plan.timer.programs.map((program) => (
          <ProgramReading
            key={program}
            {...{ plan, program, longestHoldDays: 14, edit: nothing, settle: nothing }}
          />
        ))}
        <RestReading {...{ plan, longestHoldDays: 14, edit: nothing, settle: nothing }} />
      </>,
    ),
  'steps of a reading': (plan, before) => partsRead(plan, before).join(),
  'key in': (plan, before) =>
    JSON.stringify([
      keyInSteps({ target: plan, present: before, order: KEY_IN_PARTS, isWhole: false }).length -
        keyInSteps({ target: before, present: before, order: KEY_IN_PARTS, isWhole: false }).length,
      lastLook(plan),
    ]),
  'read back': (plan, before) => {
    const shown = new Map([
      ...keyInPlaces(before).map(({ key, read }) => [key, read(plan)] as const),
      ...lastLook(plan).flatMap(({ key, value }) => (value ? [[key, value] as const] : [])),
    ]);
    return JSON.stringify(
      keyInPlaces(before)
        .map(({ read }) => valueWords(read(withShown(before, shown))))
        .concat(
          lastLook(withShown(before, shown)).map(({ value }) => (value ? valueWords(value) : '')),
        ),
    );
  },
  comparison: (plan, before) => changeSentences(before, plan).join('\n'),
  'printed copy': (plan) => JSON.stringify(printedCopy(plan)),
  'door sheet': (plan) =>
    JSON.stringify(
      sheetOf({
        ...{ plan, on: ON, property: 'Plum cottage', timer: 'Garage timer' },
        ...{ firm: 'Quillhaven Sprinkler Care', phone: '555 0100', due: [], clock: '24' },
        language: 'en',
        handling: new TimerHandling(),
        confirmed: { of: 1, keyedIn: 0, unknown: 0 },
        moistureHeld: [],
        volumeWords: (litres) => `${litres} L`,
      }),
    ),
};

/** Facts of a station that no timer holds: they are kept in the yard. */
const FACTS = /^stations\.\d+\.(head|plant|runoffSeconds|minSoakSeconds)$/;
const FLOW = /^stations\.\d+\.flowLpm$/;
const NAME = /^stations\.\d+\.name$/;
/** A reading of the clock is of a moment: the clock itself is keyed in as it is then. */
const CLOCK = /^controller\.clock\./;

const KEPT_ELSEWHERE: Readonly<Record<string, readonly RegExp[]>> = {
  desk: [FACTS, FLOW],
  'as found': [FACTS, FLOW],
  'steps of a reading': [FACTS, FLOW, NAME],
  'key in': [FACTS, FLOW, NAME, CLOCK],
  'read back': [FACTS, FLOW, NAME, CLOCK],
  comparison: [],
  'printed copy': [],
  'door sheet': [FACTS, CLOCK],
};

const SEASONS = [
  { mode: 'program' },
  { mode: 'whole', percent: 90 },
  { mode: 'monthly', percents: [0, 0, 50, 70, 90, 100, 110, 100, 80, 60, 0, 0] },
  { mode: 'weather', leastPercent: 20, mostPercent: 140 },
];

it.each(SEASONS.map((season) => [season.mode, whole(season)] as const))(
  'every setting of a timer is on every screen (season: %s)',
  (mode, plan) => {
    const wanted = leavesOf(JSON.parse(JSON.stringify(plan))).filter(([part, field]) =>
      mode === 'program'
        ? ['controller', 'stations', 'programs'].includes(String(part)) && field !== 'season'
        : part === 'controller' && field === 'season',
    );
    const before = Object.fromEntries(
      Object.entries(SCREENS).map(([name, show]) => [name, show(plan, plan)]),
    );
    let looked = 0;
    const wrong: string[] = [];
    const kinds = new Set<string>();
    for (const leaf of wanted) {
      // One station is as another; programs differ by their days.
      const kind = leaf
        .map((key) => (leaf.includes('days') || typeof key === 'string' ? key : '*'))
        .join('.');
      if (kinds.has(kind)) continue;
      kinds.add(kind);
      const changed = changedAt(plan, leaf);
      if (!changed) continue;
      looked++;
      for (const [name, show] of Object.entries(SCREENS)) {
        const isElsewhere = KEPT_ELSEWHERE[name]!.some((places) => places.test(leaf.join('.')));
        const isShown = show(changed, plan) !== before[name];
        if (isShown === isElsewhere)
          wrong.push(
            `${leaf.join('.')}: ${name} ${isShown ? 'shows it after all' : 'does not show it'}`,
          );
      }
    }
    expect(wrong).toEqual([]);
    expect(looked).toBeGreaterThanOrEqual(mode === 'program' ? 39 : 1);
  },
);

it('the settings that are looked at have every field of the format', () => {
  const { controller, stations, programs } = whole({ mode: 'program' });
  const { $defs } = JSON.parse(JSON.stringify(propertyFileSchema())) as {
    $defs: Record<string, { properties: object }>;
  };
  const fieldsOf = (value: object | undefined) => Object.keys(value ?? {}).sort();
  for (const [name, fields] of [
    ['ControllerSettings', controller],
    ['StationSettings', stations[0]],
    ['ProgramSettings', programs[0]],
  ] as const)
    expect([name, fieldsOf(fields)]).toEqual([name, fieldsOf($defs[name]?.properties)]);
});
