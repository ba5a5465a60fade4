/** @jest-environment jsdom */
import { aroundScreens } from './in-app';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { differences } from '@water-clock/core/compare';
import { parseDate } from '@water-clock/core/civil-time';
import { meantPlaces, withShown } from '@water-clock/core/key-in';
import {
  fromFactory,
  readPlan,
  type DayRule,
  type Plan,
  type PlanEdit,
} from '@water-clock/core/settings';
import { KEY_IN_PARTS, type KeyInPart } from '@water-clock/core/timer-types';
import {
  inTimerNow,
  tickEntries,
  toKeyIn,
  visitOf,
  type MadeEntry,
} from '@water-clock/core/visits';
import fc from 'fast-check';
import { useState } from 'react';
import { DeskSettings } from '../desk/desk-settings';
import { minutesText } from '../format/lengths';
import { WEEKDAY_OPTIONS } from '../format/weekday-options';
import { dateInField } from '../format/typed-dates';
import { testPlan } from './plans';

const ON = parseDate('2026-06-01')!;
const STATIONS = [1, 2, 3];
const PROGRAMS = ['A', 'B'];
const TIMER = {
  ...{ stations: 3, programs: PROGRAMS, startsPerProgram: 3 },
  dayModes: ['weekdays', 'odd', 'even', 'interval', 'hours'],
  season: {
    modes: ['whole', 'program', 'monthly', 'weather'],
    ...{ minPercent: 0, maxPercent: 300, stepPercent: 1, roundToSeconds: 1 },
  },
  ...{ cycleSoak: { policy: 'in-order' }, maxConcurrentStations: 3, maxStationDelaySeconds: 600 },
  ...{ monthDaysOff: true, noWaterWindows: true, programWindows: true },
  ...{ pumpPerStation: true, rainSensor: true, freezeSensor: true },
};

const two = (value: number) => String(value).padStart(2, '0');
const WEEK = [1, 2, 3, 4, 5, 6, 7];
const time = fc.nat(1439).map((minute) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`);
const date = fc.integer({ min: 0, max: 300 }).map((days) => {
  const at = new Date(Date.UTC(2026, 4, 1) + days * 86_400_000);
  return at.toISOString().slice(0, 10);
});
const days: fc.Arbitrary<DayRule> = fc.oneof(
  fc.subarray(WEEK).map((weekdays) => ({ mode: 'weekdays' as const, weekdays })),
  fc.constantFrom({ mode: 'odd' as const }, { mode: 'even' as const }),
  fc.record({
    mode: fc.constant('interval' as const),
    everyDays: fc.integer({ min: 1, max: 31 }),
    anchor: date,
  }),
  fc.record({
    mode: fc.constant('hours' as const),
    everyHours: fc.integer({ min: 1, max: 168 }),
    anchor: fc.tuple(date, time).map(([on, at]) => `${on}T${at}:00`),
  }),
);
const hours = fc
  .array(fc.record({ from: time, to: time, weekdays: fc.subarray(WEEK, { minLength: 1 }) }), {
    maxLength: 1,
  })
  .filter((all) => all.every(({ from, to }) => from !== to));
const length = fc.integer({ min: 1, max: 7200 });
const program = (id: string) =>
  fc
    .record({
      id: fc.constant(id),
      enabled: fc.boolean(),
      days,
      blockedWeekdays: fc.subarray(WEEK, { maxLength: 3 }),
      starts: fc.uniqueArray(time, { maxLength: 3 }).map((starts) => starts.sort()),
      runs: fc
        .subarray(STATIONS)
        .chain((stations) =>
          fc.tuple(...stations.map((station) => length.map((seconds) => ({ station, seconds })))),
        ),
      percent: fc.integer({ min: 1, max: 300 }),
      concurrent: fc.integer({ min: 1, max: 3 }),
      waterWindows: hours,
    })
    // Where hours are counted, starts mean nothing, and the desk takes none.
    .map((one) => (one.days.mode === 'hours' ? { ...one, starts: [] } : one));
const season = fc.oneof(
  fc.record({ mode: fc.constant('whole'), percent: fc.integer({ min: 1, max: 300 }) }),
  fc.constant({ mode: 'program' }),
  fc.record({
    mode: fc.constant('monthly'),
    percents: fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 12, maxLength: 12 }),
  }),
  fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 300 })).map(([a, b]) => ({
    mode: 'weather',
    leastPercent: Math.min(a, b),
    mostPercent: Math.max(a, b),
  })),
);
const sensor = fc.constantFrom('active', 'bypass');
const station = (number: number) =>
  fc.record(
    {
      number: fc.constant(number),
      name: fc.constantFrom('Kerb strip', 'Back lawn', 'Pots'),
      enabled: fc.boolean(),
      cycleSeconds: fc.integer({ min: 60, max: 7200 }),
      soakSeconds: length,
      pump: fc.constant(true),
      rainSensor: fc.boolean(),
      freezeSensor: fc.boolean(),
    },
    { requiredKeys: ['number', 'name', 'enabled', 'rainSensor', 'freezeSensor'] },
  );
const settings = fc
  .record({
    controller: fc.record({
      season,
      stationDelaySeconds: fc.nat(600),
      rainSensor: sensor,
      freezeSensor: sensor,
      off: fc.boolean(),
      monthDaysOff: fc.subarray([1, 4, 15, 31]),
      noWater: hours,
    }),
    stations: fc.tuple(...STATIONS.map(station)),
    programs: fc.tuple(...PROGRAMS.map(program)),
  })
  .map(({ controller, stations, programs }) =>
    testPlan({
      ...{ timer: TIMER, controller, stations },
      programs: programs.map((one) => ({
        ...one,
        // What has no place on the display, or none yet, the desk does not ask for.
        percent: controller.season.mode === 'program' ? one.percent : 100,
        waterWindows:
          one.starts.length + one.runs.length > 0 || one.days.mode === 'hours'
            ? one.waterWindows
            : [],
      })),
    }),
  );

/** The desk over settings that it changes; `now` gives them. */
function onDesk(first: Plan): () => Plan {
  let now = first;
  function Held() {
    const [plan, setPlan] = useState(first);
    now = plan;
    return (
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
        onEdit={(edit: PlanEdit) => setPlan(edit)}
        onSettle={() => undefined}
      />
    );
  }
  const { wrapper } = aroundScreens();
  render(<Held />, { wrapper });
  return () => now;
}

function type(input: HTMLElement, text: string) {
  fireEvent.focus(input);
  fireEvent.change(input, { target: { value: text } });
  fireEvent.blur(input);
}
const typeIn = (label: string, text: string, within_: HTMLElement = document.body) =>
  type(within(within_).getByLabelText(label), text);

/** What opens over the page at a press: the newest of its kind. */
async function opened(button: Element, kind: 'popover' | 'dropdown'): Promise<HTMLElement> {
  const all = () => document.querySelectorAll<HTMLElement>(`.ant-${kind}`);
  const before = all().length;
  fireEvent.click(button);
  return waitFor(() => {
    const newest = [...all()].at(-1);
    if (!newest || all().length === before) throw new Error('Nothing has opened.');
    return newest;
  });
}
const editorOf = (field: string) =>
  opened(
    document.querySelector(`[data-field="${field}"] button, button[data-field="${field}"]`)!,
    'popover',
  );

async function choose(button: Element, words: string) {
  const menu = await opened(button, 'dropdown');
  fireEvent.click(within(menu).getByText(words));
}

/** Ticks exactly some of the weekdays. */
function tickWeekdays(group: HTMLElement, weekdays: readonly number[]) {
  for (const { label, value } of WEEKDAY_OPTIONS) {
    const box = within(group).getByLabelText<HTMLInputElement>(label);
    if (box.checked !== weekdays.includes(value)) fireEvent.click(box);
  }
}

async function setDays(id: string, rule: DayRule) {
  const editor = await editorOf(`days of ${id}`);
  const of = within(editor);
  const names = {
    weekdays: 'Weekdays',
    odd: 'Odd days',
    even: 'Even days',
    interval: 'Every so many days',
    hours: 'Every so many hours',
  };
  fireEvent.click(await of.findByLabelText(names[rule.mode], { selector: 'input' }));
  if (rule.mode === 'weekdays')
    tickWeekdays(of.getByRole('group', { name: 'Weekdays' }), rule.weekdays);
  if (rule.mode === 'interval') {
    typeIn('Days of the interval', String(rule.everyDays), editor);
    typeIn('A day it waters', dateInField(parseDate(rule.anchor)!), editor);
  }
  if (rule.mode === 'hours') {
    typeIn('Hours of the interval', String(rule.everyHours), editor);
    typeIn('The day of its first start', dateInField(parseDate(rule.anchor.slice(0, 10))!), editor);
    typeIn('The time of its first start', rule.anchor.slice(11, 16), editor);
  }
}

async function setHours(field: string, all: Plan['controller']['noWater'], label: string) {
  if (all.length === 0) return;
  const editor = await editorOf(field);
  for (const { from, to, weekdays } of all) {
    fireEvent.click(within(editor).getByText('Add hours'));
    typeIn(label, from, editor);
    typeIn('to', to, editor);
    tickWeekdays(within(editor).getByRole('group', { name: 'on which they begin' }), weekdays);
  }
}

async function setSeason({ season: wanted }: Plan['controller'], programs: Plan['programs']) {
  fireEvent.change(screen.getByLabelText('Season percentage for'), {
    target: { value: wanted.mode },
  });
  if (wanted.mode === 'whole') typeIn('Season percentage', String(wanted.percent));
  if (wanted.mode === 'program')
    for (const { id, percent } of programs) typeIn(`Program ${id}, percentage`, String(percent));
  if (wanted.mode === 'monthly') {
    const editor = await editorOf('season');
    const inputs = within(editor).getAllByRole('textbox');
    wanted.percents.forEach((percent, month) => type(inputs[month]!, String(percent)));
  }
  if (wanted.mode === 'weather') {
    typeIn('Greatest percentage by the weather', String(wanted.mostPercent));
    typeIn('Least percentage by the weather', String(wanted.leastPercent));
  }
}

const switchTo = (field: string, isOn: boolean) => {
  const button = document.querySelector(`[data-field="${field}"] button`)!;
  if ((button.getAttribute('aria-checked') === 'true') !== isOn) fireEvent.click(button);
};

async function setNumbers(field: string, label: string, numbers: readonly number[]) {
  if (numbers.length === 0) return;
  typeIn(label, numbers.join(', '), await editorOf(field));
}

/** Sets everything as it is wanted, with nothing but what the desk has to type in, to press and to choose. */
async function setOnDesk({ controller, stations, programs }: Plan, holdDays: number) {
  for (const { number, name = '', enabled, cycleSeconds, soakSeconds } of stations) {
    typeIn(`Station ${number}, name`, name);
    if (cycleSeconds) typeIn(`Station ${number}, cycle`, minutesText(cycleSeconds));
    if (soakSeconds) typeIn(`Station ${number}, soak`, minutesText(soakSeconds));
    if (!enabled)
      await choose(screen.getByLabelText(`Station ${number}`), 'Switch this station off');
  }
  for (const { id, enabled, days: rule, blockedWeekdays, starts, runs, concurrent } of programs) {
    await setDays(id, rule);
    if (blockedWeekdays.length > 0) {
      const button = screen.getByLabelText(`Program ${id} never waters on: no day is blocked`);
      tickWeekdays(await opened(button, 'popover'), blockedWeekdays);
    }
    starts.forEach((start, index) => typeIn(`Program ${id}, start ${index + 1}`, start));
    for (const { station: number, seconds } of runs)
      typeIn(`Station ${number}, program ${id}, minutes`, minutesText(seconds));
    const wanted = [
      ...(concurrent > 1 ? [`Up to ${concurrent} stations at once`] : []),
      ...(enabled ? [] : [`Switch program ${id} off`]),
    ];
    for (const words of wanted) {
      fireEvent.click(document.querySelector(`[data-field="program ${id}"]`)!);
      const own = await screen.findByText(`Switch program ${id} off`);
      fireEvent.click(within(own.closest<HTMLElement>('.ant-dropdown')!).getByText(words));
    }
  }
  await setSeason(controller, programs);
  typeIn('Delay between stations', String(controller.stationDelaySeconds));
  switchTo('sensor', controller.rainSensor === 'active');
  switchTo('freeze sensor', controller.freezeSensor === 'active');
  switchTo('power', !controller.off);
  await setNumbers('month days off', 'Never on these days of a month', controller.monthDaysOff);
  await setHours('no water', controller.noWater, 'Never from');
  for (const { id, waterWindows } of programs)
    await setHours(`${id} own hours`, waterWindows, 'Waters from');
  const numbers = (isOne: (station: Plan['stations'][number]) => boolean) =>
    stations.filter(isOne).map(({ number }) => number);
  await setNumbers(
    'pump',
    'Pump runs for stations',
    numbers(({ pump }) => pump === true),
  );
  await setNumbers(
    'sensor not heeded',
    'Rain sensor not heeded by stations',
    numbers((s) => !s.rainSensor),
  );
  await setNumbers(
    'freeze sensor not heeded',
    'Freeze sensor not heeded by stations',
    numbers((s) => !s.freezeSensor),
  );
  if (holdDays > 0) {
    const editor = await editorOf('hold');
    typeIn('Days of the hold', String(holdDays), editor);
    fireEvent.click(within(editor).getByRole('button', { name: 'Hold' }));
  }
}

/** What stands in an empty timer once everything that is asked for has been keyed in, in the order of its kind. */
function keyedIn(target: Plan, order: readonly KeyInPart[]) {
  const reading = { document: fromFactory(target), madeAt: '2026-06-01T08:00:00.000Z' };
  const nothing = visitOf([]);
  const steps = toKeyIn({ visit: nothing, target, reading, order, today: ON });
  const made = steps
    .flatMap((step) => tickEntries(nothing, step, true))
    .map((entry, index): MadeEntry => ({
      ...{ id: String(index), number: index + 1, seen: index, person: 'ines', entry },
      observedAt: new Date(Date.UTC(2026, 5, 1, 9) + index * 1000).toISOString(),
    }));
  return inTimerNow(target, reading, [visitOf(made)]);
}

it.each(
  fc
    .sample(
      fc.tuple(
        settings,
        fc.nat(14),
        fc.shuffledSubarray([...KEY_IN_PARTS], { minLength: KEY_IN_PARTS.length }),
      ),
      {
        numRuns: process.env['TEST_LONG'] ? 40 : 2,
        seed: 20_261_129,
      },
    )
    .map((one, index) => [index + 1, ...one] as const),
)(
  'random settings %#, written with the controls of the desk, keyed in and read back, are the same',
  async (_, wanted, holdDays, order) => {
    const stations = STATIONS.map((number) => ({ number }));
    const now = onDesk(testPlan({ timer: TIMER, stations, programs: [] }));
    await setOnDesk(wanted, holdDays);
    const set = now();
    expect(set.controller.pauses).toHaveLength(holdDays > 0 ? 1 : 0);
    const { pauses } = set.controller;
    const withHold = { ...wanted, controller: { ...wanted.controller, pauses } };
    expect(differences(withHold, set)).toEqual([]);
    const read = readPlan(JSON.parse(JSON.stringify(set)));
    expect(read.ok).toBe(true);
    cleanup();

    const inTimer = keyedIn(set, order);
    expect(differences(set, inTimer.plan)).toEqual([]);
    expect(inTimer.unknown).toEqual([]);
    // Read off the display place by place, into an empty timer: the same again.
    const shown = new Map(meantPlaces(set).map((place) => [place.key, place.read(inTimer.plan)]));
    const { season } = set.controller;
    const blank = fromFactory(set);
    const empty = { ...blank, controller: { ...blank.controller, season } };
    expect(differences(set, withShown(empty, shown))).toEqual([]);
  },
);
