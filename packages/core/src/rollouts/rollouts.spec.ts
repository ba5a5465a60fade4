import { parseDate } from '../civil-time/index.js';
import type { SeasonFacts } from '../dues/index.js';
import { check } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { yardFor } from '../yards/index.js';
import {
  fixOf,
  homesChangeInWords,
  readHomesChange,
  tryChange,
  withChange,
  withFix,
  type HomesChange,
} from './index.js';

const TODAY = parseDate('2026-06-01')!;
const JULY = parseDate('2026-07-01')!;
const AT_ONCE = { now: () => performance.now(), limitMs: 60_000 };

const changeOf = (document: object): HomesChange => {
  const read = readHomesChange(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};
const changed = (plan: Plan, document: object, season: SeasonFacts | null = null) =>
  withChange(plan, changeOf(document), { season, from: JULY });
const percentsOf = ({ controller: { season }, programs }: Plan) =>
  season.mode === 'whole' ? season.percent : programs.map(({ percent }) => percent);

describe('a change of many homes', () => {
  it('sets a percentage on the steps of each timer, and leaves alone what goes by months', () => {
    const timer = { season: { modes: ['whole', 'program', 'monthly'], stepPercent: 10 } };
    const home = homeOf({ timer });
    expect(percentsOf(changed(home, { kind: 'percentage', percent: 84 }))).toBe(80);
    // As it is already: the very same settings.
    expect(changed(home, { kind: 'percentage', percent: 100 })).toBe(home);
    const byProgram = homeOf({ timer, controller: { season: { mode: 'program' } } });
    expect(percentsOf(changed(byProgram, { kind: 'percentage', percent: 70 }))).toEqual([70]);
    const percents = Array.from({ length: 12 }, () => 90);
    const byMonth = homeOf({ timer, controller: { season: { mode: 'monthly', percents } } });
    expect(changed(byMonth, { kind: 'percentage', percent: 70 })).toBe(byMonth);
  });

  it('brings each timer to its own step of the season, and turns off what is to be dry', () => {
    const months = Array.from({ length: 12 }, (_, month) => (month < 6 ? null : { A: 120 }));
    const season = { months, inTimer: { A: 100 }, asOf: null };
    const home = homeOf();
    const step = { kind: 'season-step' };
    expect(changed(home, step)).toBe(home);
    const off = homeOf({ controller: { off: true } });
    const inJuly = changed(off, step, season);
    expect([inJuly.controller.off, percentsOf(inJuly)]).toEqual([false, 120]);
    const inJune = withChange(home, changeOf(step), { season, from: TODAY });
    expect([inJune.controller.off, percentsOf(inJune)]).toEqual([true, 100]);
    expect(withChange(off, changeOf(step), { season, from: TODAY })).toBe(off);
  });

  it('sets when all is to be over, and keeps all other rules', () => {
    const home = homeOf({ rules: { weekdays: [2, 6] } });
    const after = changed(home, { kind: 'finish', finishBy: '04:10' });
    expect(after.rules).toMatchObject({ weekdays: [2, 6], finishBy: '04:10' });
    expect(changed(after, { kind: 'finish', finishBy: '04:10' })).toBe(after);
    expect(changed(homeOf(), { kind: 'finish', finishBy: '05:00' }).rules).toMatchObject({
      finishBy: '05:00',
    });
  });

  it('is read with all faults at once, and called by what it changes', () => {
    const read = readHomesChange({ kind: 'percentage', percent: 0, month: 3 });
    expect(read.ok ? [] : read.trouble.map(({ path }) => path).sort()).toEqual([
      'month',
      'percent',
    ]);
    expect(readHomesChange({ kind: 'magic' })).toMatchObject({ ok: false });
    expect(homesChangeInWords(changeOf({ kind: 'percentage', percent: 80 }))).toBe(
      'Season percentage 80 %',
    );
  });
});

describe('trying it', () => {
  const tried = (before: object, after: object, from = TODAY) =>
    tryChange(homeOf(before), homeOf(after), from);

  it('tells what is broken then and was not before, and when first', () => {
    expect(tried({}, {})).toEqual({ outcome: 'well', breaks: [] });
    const { outcome, breaks } = tried({}, { rules: { weekdays: [2] } });
    expect(outcome).toBe('breaks');
    expect(breaks).toMatchObject([{ code: 'rule-day', first: '2026-06-06T04:00:00', count: 2 }]);
    expect(breaks[0]!.message).toContain('Station 1');
  });

  it('does not blame it for what was broken before, nor praise it for what it mends', () => {
    const broken = { rules: { weekdays: [2] } };
    expect(tried(broken, broken)).toMatchObject({
      ...{ outcome: 'was-broken', breaks: [{ code: 'rule-day', count: 2 }] },
    });
    expect(tried(broken, {}).outcome).toBe('well');
    expect(tried(broken, { rules: { weekdays: [2], finishBy: '04:10' } })).toMatchObject({
      ...{ outcome: 'breaks', breaks: [{ code: 'late-finish' }] },
    });
  });

  it('takes no note of what settings cannot mend', () => {
    expect(tried({}, { controller: { off: true } }).outcome).toBe('well');
  });
});

describe('fixing it', () => {
  const fixed = (home: Plan, from = JULY) =>
    fixOf({ ...{ stored: home, atHome: home, today: TODAY, from } }, AT_ONCE);

  it('holds from today on where it can, so that it may be keyed in on any visit', () => {
    const july = [{ from: '2026-07-01', to: '2028-12-31', weekdays: [2, 4] }];
    const home = homeOf({ rules: { periods: july } });
    const fix = fixed(home);
    expect(fix).toMatchObject({ isRepaired: true, isProven: true, holdsFrom: '2026-06-01' });
    const after = withFix(home, fix, null);
    expect(check(after, TODAY).filter(({ severity }) => severity !== 'info')).toEqual([]);
    expect(after.programs[0]!.days).not.toEqual(home.programs[0]!.days);
  });

  it('holds from the change on where nothing does before and after it', () => {
    const rules = {
      weekdays: [2, 6],
      periods: [{ from: '2026-07-01', to: '2028-12-31', weekdays: [1, 4] }],
    };
    const home = homeOf({ rules });
    const fix = fixed(home);
    expect(fix).toMatchObject({ isRepaired: true, holdsFrom: '2026-07-01' });
    expect(withFix(home, fix, null).programs[0]!.days).toEqual({
      ...{ mode: 'weekdays', weekdays: [1, 4] },
    });
  });

  it('brings the followers of a station along', () => {
    const home = homeOf({ rules: { finishBy: '04:19' } });
    const yard = yardFor(home, null);
    const led = {
      ...yard,
      stations: yard.stations.map((one) => (one.number === 2 ? { ...one, follows: 1 } : one)),
    };
    const shorter = {
      changes: [{ keys: ['programs', 0, 'runs', 0, 'seconds'], from: 600, to: 540, says: '' }],
    };
    expect(withFix(home, shorter, led).programs[0]!.runs.map(({ seconds }) => seconds)).toEqual([
      540, 540,
    ]);
    expect(withFix(home, shorter, yard).programs[0]!.runs.map(({ seconds }) => seconds)).toEqual([
      540, 600,
    ]);
  });
});
