import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run } from './run.js';

const folder = mkdtempSync(join(tmpdir(), 'water-clock-cli-'));

function planFile(name: string, content: unknown): string {
  const file = join(folder, name);
  writeFileSync(file, typeof content === 'string' ? content : JSON.stringify(content));
  return file;
}

const plan = {
  format: 'waterclock.plan/1',
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

it('simulate prints pieces and collisions, in timer time or in true time', () => {
  const file = planFile('good.json', plan);
  const { exitCode, out, messages } = run(['simulate', file, ...WEEK]);
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
  expect(run(['simulate', file, ...WEEK, '--true-time']).out).toContain('2026-06-02T16:00:00');
});

it('forever prints the first collision on any date, and the headroom', () => {
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
  const { exitCode, out } = run(['forever', file, '--from', '2026-06-01']);
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
  expect(run(['forever', file]).messages[0]).toContain('--from must be a date');
});

it('bad input prints nothing but messages, each with file and path, and exits with 2', () => {
  const file = planFile('bad.json', { ...plan, timer: { colour: 'green', stations: 0 } });
  expect(run(['simulate', file, ...WEEK])).toEqual({
    exitCode: 2,
    out: '',
    messages: [
      `${file}: timer.colour: is not a known field`,
      `${file}: timer.stations: must be a whole number, 1 to 256`,
    ],
  });
});

it('names all that is wrong with a call at once', () => {
  const file = planFile('text.json', 'no plan at all');
  const { exitCode, messages } = run(['simulate', file, '--from', '2026-02-30', '--days', '0']);
  expect(exitCode).toBe(2);
  expect(messages).toHaveLength(3);
  expect(messages[0]).toContain('--from must be a date');
  expect(messages[1]).toContain('--days must be a whole number');
  expect(messages[2]).toContain('the file is not JSON');
});

it('refuses what it does not know, and says what it does', () => {
  for (const words of [[], ['water-it'], ['simulate'], ['simulate', 'a', 'b', ...WEEK]])
    expect(run(words)).toMatchObject({ exitCode: 2, out: '' });
  expect(run(['simulate', 'x', ...WEEK, '--loud']).messages[0]).toContain('--loud');
  expect(run(['simulate', join(folder, 'nowhere.json'), ...WEEK]).messages[0]).toContain('ENOENT');
  expect(run(['--help'])).toMatchObject({ exitCode: 0, messages: [] });
  expect(run(['--help']).out).toContain('simulate FILE --from YYYY-MM-DD --days N');
});
