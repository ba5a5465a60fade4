import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run as runAt } from './run.js';

const run = (words: string[]) => runAt(words, new Date('2026-05-01T08:00:00Z'));

const folder = mkdtempSync(join(tmpdir(), 'water-clock-cli-'));

function planFile(name: string, content: unknown): string {
  const file = join(folder, name);
  writeFileSync(file, typeof content === 'string' ? content : JSON.stringify(content));
  return file;
}

const plan = {
  format: 'waterclock.plan/2',
  timer: {},
  controller: {
    clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
  },
  stations: [{ number: 1 }],
  programs: [
    {
      id: 'A',
      starts: ['04:00'],
      days: { mode: 'weekdays', weekdays: [3] },
      runs: [{ station: 1, seconds: 600 }],
    },
  ],
};

const WEEK = ['--from', '2026-06-01', '--days', '7'];

it('simulate prints pieces and collisions, in timer time or in true time', async () => {
  const file = planFile('good.json', plan);
  const { exitCode, out, messages } = await run(['simulate', file, ...WEEK]);
  expect([exitCode, messages]).toEqual([0, []]);
  expect(JSON.parse(out)).toEqual({
    pieces: [
      {
        program: 'A',
        startNumber: 1,
        nominal: '2026-06-03T04:00:00',
        station: 1,
        piece: 1,
        from: '2026-06-03T04:00:00',
        to: '2026-06-03T04:10:00',
      },
    ],
    collisions: [],
  });
  expect((await run(['simulate', file, ...WEEK, '--true-time'])).out).toContain(
    '2026-06-02T16:00:00',
  );
});

it('what is too much to work out is refused, whatever is asked of it', async () => {
  const stations = Array.from({ length: 100 }, (_, index) => ({ number: index + 1 }));
  const programs = ['A', 'B', 'C'].map((id) => ({
    id,
    starts: Array.from({ length: 24 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`),
    days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    runs: stations.map(({ number }) => ({ station: number, seconds: 604_800 })),
  }));
  const file = planFile('huge.json', { ...plan, stations, programs });
  for (const words of [
    ['simulate', file, '--from', '2026-06-01', '--days', '3000'],
    ['check', file, '--from', '2026-06-01'],
  ]) {
    const { exitCode, out, messages } = await run(words);
    expect([exitCode, out]).toEqual([2, '']);
    expect(messages).toEqual([expect.stringContaining('too much to work out')]);
  }
});

it('forever prints the first collision on any date, and the headroom', async () => {
  const programs = [
    ...plan.programs,
    {
      id: 'B',
      starts: ['04:05'],
      days: { mode: 'interval', everyDays: 30, anchor: '2026-06-04' },
      runs: [{ station: 1, seconds: 600 }],
    },
  ];
  const file = planFile('forever.json', { ...plan, programs });
  const { exitCode, out } = await run(['forever', file, '--from', '2026-06-01']);
  // 30 days are 4 weeks and 2 days: three times 30 days after Thursday 4 June is a Wednesday.
  expect(exitCode).toBe(0);
  expect(JSON.parse(out)).toEqual({
    firstCollision: {
      a: { program: 'A', startNumber: 1, nominal: '2026-09-02T04:00:00' },
      b: { program: 'B', startNumber: 1, nominal: '2026-09-02T04:05:00' },
      seconds: 300,
    },
    headroomPercent: 50,
  });
  expect((await run(['forever', file])).messages[0]).toContain('--from must be a date');
});

it('bad input prints nothing but messages, each with file and path, and exits with 2', async () => {
  const file = planFile('bad.json', { ...plan, timer: { colour: 'green', stations: 0 } });
  expect(await run(['simulate', file, ...WEEK])).toEqual({
    exitCode: 2,
    out: '',
    messages: [
      `${file}: timer.colour: is not a known field`,
      `${file}: timer.stations: must be a whole number, 1 to 256`,
    ],
  });
});

it('more than any timer has is bad input, whichever verb reads it', async () => {
  const starts = Array.from({ length: 96 }, (_, index) =>
    [Math.floor(index / 4), (index % 4) * 15]
      .map((part) => String(part).padStart(2, '0'))
      .join(':'),
  );
  const stations = [{ number: 1, cycleSeconds: 1 }];
  const programs = [...'ABCDEFGH'].map((id) => ({
    ...{ id, starts, days: { mode: 'weekdays', weekdays: [1] } },
    runs: [{ station: 1, seconds: 600 }],
  }));
  const file = planFile('hostile.json', { ...plan, stations, programs });
  for (const words of [
    ['simulate', file, ...WEEK],
    ...['check', 'forever'].map((verb) => [verb, file, '--from', '2026-06-01']),
  ]) {
    const { exitCode, out, messages } = await run(words);
    expect([exitCode, out]).toEqual([2, '']);
    expect(messages).toContain(`${file}: programs[7].starts: must have at most 64 entries`);
    expect(messages.at(-1)).toContain(`${file}: programs: come to more than 20000 pieces`);
  }
});

it('names all that is wrong with a call at once', async () => {
  const file = planFile('text.json', 'no plan at all');
  const { exitCode, messages } = await run([
    'simulate',
    file,
    '--from',
    '2026-02-30',
    '--days',
    '0',
  ]);
  expect(exitCode).toBe(2);
  expect(messages).toHaveLength(3);
  expect(messages[0]).toContain('--from must be a date');
  expect(messages[1]).toContain('--days must be a whole number');
  expect(messages[2]).toContain('the file is not JSON');
});

it('refuses what it does not know, and says what it does', async () => {
  for (const words of [[], ['water-it'], ['simulate'], ['simulate', 'a', 'b', ...WEEK]])
    expect(await run(words)).toMatchObject({ exitCode: 2, out: '' });
  expect((await run(['simulate', 'x', ...WEEK, '--loud'])).messages[0]).toContain('--loud');
  expect((await run(['simulate', join(folder, 'nowhere.json'), ...WEEK])).messages[0]).toContain(
    'ENOENT',
  );
  expect(await run(['--help'])).toMatchObject({ exitCode: 0, messages: [] });
  expect((await run(['--help'])).out).toContain('simulate FILE --from YYYY-MM-DD --days N');
});

describe('check', () => {
  const BROKEN = { ...plan, programs: [{ ...plan.programs[0], starts: [] }], controller: {} };
  const FROM = ['--from', '2026-06-01'];

  it('prints what it finds, and exits with 1 for an error only', async () => {
    const good = await run(['check', planFile('well.json', { ...plan, controller: {} }), ...FROM]);
    expect([good.exitCode, JSON.parse(good.out)]).toEqual([0, { findings: [] }]);
    const broken = await run(['check', planFile('broken.json', BROKEN), ...FROM]);
    expect(broken).toMatchObject({ exitCode: 1, messages: [] });
    const { findings } = JSON.parse(broken.out) as { findings: { code: string }[] };
    expect(findings.map(({ code }) => code)).toEqual(['missing-start', 'station-idle']);
  });

  it('takes several files, and a folder for the plan files in it', async () => {
    const round = mkdtempSync(join(tmpdir(), 'water-clock-round-'));
    writeFileSync(join(round, 'b.json'), JSON.stringify(BROKEN));
    writeFileSync(join(round, 'a.json'), JSON.stringify({ ...plan, controller: {} }));
    writeFileSync(join(round, 'notes.txt'), 'the gate sticks');
    const { exitCode, out } = await run(['check', round, join(round, 'a.json'), ...FROM]);
    const { files } = JSON.parse(out) as { files: { file: string; findings: unknown[] }[] };
    expect(exitCode).toBe(1);
    expect(files.map(({ file, findings }) => [file, findings.length])).toEqual([
      [join(round, 'a.json'), 0],
      [join(round, 'b.json'), 2],
      [join(round, 'a.json'), 0],
    ]);
  });

  it('prints nothing when one of the files is bad', async () => {
    const good = planFile('fine.json', plan);
    const empty = mkdtempSync(join(tmpdir(), 'water-clock-empty-'));
    const { exitCode, out, messages } = await run([
      'check',
      good,
      planFile('worse.json', '{}'),
      empty,
      ...FROM,
    ]);
    expect([exitCode, out]).toEqual([2, '']);
    expect(messages).toContainEqual(expect.stringContaining('worse.json: format: '));
    expect(messages).toContainEqual(`${empty}: has no .json files`);
  });
});

it('ics prints a calendar, in timer time or in true time', async () => {
  const file = planFile('calendar.json', { ...plan, name: 'Plum cottage' });
  const { exitCode, out } = await run(['ics', file, ...WEEK]);
  expect(exitCode).toBe(0);
  expect(out).toContain(
    'UID:20260603.A.1.Plum%20cottage@water-clock\r\nDTSTAMP:20260501T080000Z\r\n',
  );
  expect(out).toContain('DTSTART:20260603T040000\r\nDTEND:20260603T041000\r\n');
  expect((await run(['ics', file, ...WEEK, '--true-time'])).out).toContain(
    'DTSTART:20260602T160000',
  );
});

describe('water', () => {
  const watered = planFile('watered.json', { ...plan, stations: [{ number: 1, head: 'rotor' }] });
  const months = Array.from({ length: 12 }, () => ({ et0MmPerDay: 6, rainMm: 0, rainDays: 0 }));
  const weather = planFile('weather.json', {
    format: 'waterclock.weather/1',
    name: 'Airfield',
    latitude: 40,
    record: { kind: 'monthly', months },
  });

  it('prints what each station gets and needs, by head where the yard is not known', async () => {
    const { exitCode, out, messages } = await run([
      'water',
      watered,
      ...WEEK,
      '--weather',
      weather,
    ]);
    expect([exitCode, messages]).toEqual([0, []]);
    // 10 minutes at 13 mm/h in a week, and 7 × 6 × 0.8 mm for cool turf, which the yard may be.
    expect(JSON.parse(out).stations).toMatchObject([
      { station: 1, seconds: 600, rateFrom: 'head', appliedMm: 2.17, neededMm: 33.6, litres: null },
    ]);
  });

  it('goes by the yard where it is given', async () => {
    const yard = planFile('yard.json', {
      format: 'waterclock.yard/1',
      stations: [{ number: 1, plant: 'trees', flowLpm: 10, areaSquareMetres: 20 }],
    });
    const { out } = await run(['water', watered, ...WEEK, '--weather', weather, '--yard', yard]);
    // 60 × 10 ÷ 20 = 30 mm/h; trees use half of 6 mm a day.
    expect(JSON.parse(out).stations).toMatchObject([
      { rateFrom: 'flow-and-area', appliedMm: 5, neededMm: 21, litres: 100 },
    ]);
  });

  it('says what it does not know without weather, and refuses files that are none', async () => {
    const alone = await run(['water', watered, ...WEEK]);
    expect(alone.exitCode).toBe(0);
    expect(alone.messages).toEqual([expect.stringMatching(/--weather/)]);
    expect(JSON.parse(alone.out).stations[0].neededMm).toBeNull();
    const bad = planFile('bad-weather.json', { format: 'waterclock.weather/1', name: 'x' });
    const none = planFile('none.json', 'not json');
    const refusal = await run(['water', watered, '--weather', bad, '--yard', none]);
    expect(refusal).toMatchObject({ exitCode: 2, out: '' });
    expect(refusal.messages.map((line) => line.split(': ')[1]).sort()).toEqual([
      '$',
      '--days must be a whole number, 1 to 36525',
      '--from must be a date, written YYYY-MM-DD',
      'latitude',
      'record',
    ]);
  });
});

describe('plan', () => {
  const brief = {
    format: 'waterclock.brief/1',
    from: '2026-06-01',
    timer: { stations: 4 },
    rules: { earliestStart: '22:00', finishBy: '05:30' },
    stations: [
      { number: 1, head: 'spray', need: { weeklySeconds: 1800, daysPerWeek: [2, 3] } },
      { number: 2, head: 'rotor', need: { everyDays: 5, seconds: 900 } },
    ],
  };

  it('prints a plan file that check finds nothing wrong with', async () => {
    const { exitCode, out, messages } = await run(['plan', planFile('brief.json', brief)]);
    expect([exitCode, messages]).toEqual([0, []]);
    const plan = planFile('planned.json', out);
    const found = JSON.parse((await run(['check', plan, '--from', '2026-06-01'])).out);
    expect(found.findings).toEqual([]);
    const { timer, rules, stations } = JSON.parse(out);
    expect(timer).toEqual({ stations: 4 });
    expect(rules).toEqual({ finishBy: '05:30' });
    expect(stations[0]).toEqual({ number: 1, head: 'spray' });
  });

  it('says why there is none, with a change that helps, and exits with 1', async () => {
    const rules = { earliestStart: '05:00', finishBy: '05:15' };
    const { exitCode, out } = await run(['plan', planFile('short.json', { ...brief, rules })]);
    expect(exitCode).toBe(1);
    const { feasible, reasons, nearest } = JSON.parse(out);
    expect(feasible).toBe(false);
    expect(reasons).toMatchObject([{ code: 'hours' }]);
    const fields = nearest.map(({ change }: { change: { field: string } }) => change.field);
    expect(fields).toContain('rules.finishBy');
    const plan = planFile('nearest.json', nearest[0].plan);
    expect((await run(['check', plan, '--from', '2026-06-01'])).exitCode).toBe(0);
  });

  it('refuses bad briefs with every fault by its path', async () => {
    const bad = {
      ...brief,
      prefer: 'luck',
      stations: [
        { number: 1, need: { weeklySeconds: -1, daysPerWeek: [2, 9] } },
        { number: 9, need: {} },
      ],
    };
    const { exitCode, out, messages } = await run(['plan', planFile('bad-brief.json', bad)]);
    expect([exitCode, out]).toEqual([2, '']);
    expect(messages.map((line) => line.split(': ')[1]).sort()).toEqual([
      'prefer',
      'stations[0].need.daysPerWeek[1]',
      'stations[0].need.weeklySeconds',
      'stations[1].need.daysPerWeek',
      'stations[1].need.weeklySeconds',
    ]);
    const twice = { ...brief, stations: [brief.stations[0], brief.stations[0]] };
    expect((await run(['plan', planFile('twice.json', twice), '--limit', '0'])).messages).toEqual([
      expect.stringContaining('--limit'),
      expect.stringContaining('stations[1].number'),
    ]);
  });
});

it('compare prints what the second file sets otherwise, by value, at its place', async () => {
  const every = (anchor: string) => ({
    ...plan,
    name: `From ${anchor}`,
    programs: [{ ...plan.programs[0], days: { mode: 'interval', everyDays: 3, anchor } }],
  });
  const a = planFile('then.json', every('2020-06-02'));
  const b = planFile('now.json', every('2026-06-02'));
  const { exitCode, out } = await run(['compare', a, b]);
  expect(exitCode).toBe(0);
  expect(JSON.parse(out)).toEqual({
    differences: [
      {
        path: 'programs[0].days',
        before: { mode: 'interval', everyDays: 3, anchor: '2020-06-02' },
        after: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
        says: 'Program A, water days: now every 3 days, counted from Tue 2 June 2026; it was every 3 days, counted from Tue 2 June 2020.',
      },
    ],
  });
  expect(JSON.parse((await run(['compare', a, a])).out)).toEqual({ differences: [] });
  expect(await run(['compare', a])).toMatchObject({ exitCode: 2, out: '' });
  const bad = await run(['compare', a, planFile('bad.json', { ...plan, stations: 1 })]);
  expect(bad.exitCode).toBe(2);
  expect(bad.messages.join()).toContain('bad.json: stations');
});

describe('repair', () => {
  const b = (fields: object) => ({
    ...{ id: 'B', starts: ['04:09'], days: { mode: 'weekdays', weekdays: [3] } },
    ...{ runs: [{ station: 2, seconds: 600 }] },
    ...fields,
  });
  const broken = (...others: object[]) => ({
    ...plan,
    controller: {},
    stations: [{ number: 1 }, { number: 2 }],
    programs: [...plan.programs, ...others],
  });
  const from = ['--from', '2026-06-01'];

  it('prints each change at its place in the file, and the file with them made and all else kept', async () => {
    const file = broken(b({}), b({ id: 'C', starts: [], runs: [], enabled: false }));
    const { exitCode, out, messages } = await run([
      'repair',
      planFile('broken.json', file),
      ...from,
    ]);
    expect({ exitCode, messages }).toEqual({ exitCode: 0, messages: [] });
    expect(JSON.parse(out)).toEqual({
      isSound: false,
      changes: [
        {
          path: 'programs[1].starts[0]',
          from: '04:09',
          to: '04:15',
          says: 'Move start 1 of program B from 04:09 to 04:15.',
        },
      ],
      plan: { ...file, programs: [file.programs[0], b({ starts: ['04:15'] }), file.programs[2]] },
      isProven: true,
      left: [],
    });
  });

  it('changes nothing of what is sound, and hands on what settings do not mend', async () => {
    const { exitCode, out } = await run(['repair', planFile('clock.json', plan), ...from]);
    expect(exitCode).toBe(0);
    expect(JSON.parse(out)).toMatchObject({
      isSound: true,
      changes: [],
      plan,
      left: ['clock-off'],
    });
  });

  it('exits with 1 where nothing repairs it, and with 2 for bad input', async () => {
    const never = { ...broken(), rules: { weekdays: [] } };
    const found = await run(['repair', planFile('never.json', never), ...from]);
    expect(found.exitCode).toBe(1);
    expect(found.messages).toEqual([expect.stringContaining('no repair was found')]);
    expect(JSON.parse(found.out)).toMatchObject({ isSound: false, isProven: false });
    const file = planFile('two.json', plan);
    expect(await run(['repair', file, file])).toMatchObject({
      exitCode: 2,
      messages: [expect.stringContaining('--from'), expect.stringContaining('one plan file')],
    });
  });
});

describe('explain', () => {
  const { controller: _wrong, ...right } = plan;
  const seen = (fields: object = {}) => ({
    ...{ format: 'waterclock.seen/1', from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00' },
    seen: [
      {
        ...{ what: 'watered', from: '2026-06-03T16:00:00', to: '2026-06-03T16:10:00' },
        station: 1,
      },
      { what: 'dry', from: '2026-06-03T03:30:00', to: '2026-06-03T05:00:00', station: null },
    ],
    ...fields,
  });

  it('prints what would make the timer water as it was seen to, best first', async () => {
    const { exitCode, out, messages } = await run([
      ...['explain', planFile('timer.json', right)],
      ...['--seen', planFile('seen.json', seen())],
    ]);
    expect([exitCode, messages]).toEqual([0, []]);
    const { causes } = JSON.parse(out) as { causes: object[] };
    expect(causes[0]).toEqual({
      ...{ code: 'clock', offSeconds: -43_200, explains: 2, of: 2, against: 0 },
      says: 'This would fit: the clock is 12 h behind: what is set for Wed 3 Jun, 04:00 runs on Wed 3 Jun, 16:00.',
      check: 'Read the clock: does it show PM in the morning?',
    });
  });

  it('goes by what the copy says of the clock', async () => {
    const { out } = await run([
      ...['explain', planFile('timer.json', plan)],
      ...[
        '--seen',
        planFile(
          'late.json',
          seen({
            seen: [{ ...seen().seen[0], from: '2026-06-02T16:00:00', to: '2026-06-02T16:10:00' }],
          }),
        ),
      ],
    ]);
    expect(JSON.parse(out)).toMatchObject({
      causes: [{ code: 'as-set', explains: 1, against: 0 }],
    });
  });

  it('exits with 2 for bad input, and tells all of it', async () => {
    const [timer, odd] = [
      planFile('bad.json', { ...right, stations: 1 }),
      planFile('odd.json', seen({ to: 'Monday', why: 1 })),
    ];
    const { exitCode, out, messages } = await run(['explain', timer, '--seen', odd]);
    expect([exitCode, out]).toEqual([2, '']);
    expect(messages.join('\n')).toMatch(/stations[^]*odd\.json: why[^]*odd\.json: to/);
    expect(await run(['explain', timer])).toMatchObject({
      exitCode: 2,
      messages: [expect.stringContaining('--seen')],
    });
  });
});
