import { readWhole } from '../testing/cases.js';
import { explain, narrowed, weigh, type Answer } from './index.js';
import { seenOf } from './testing/seen-of.js';

/** Three stations one after another at 04:00 every day; 20 minutes each. */
const PLAN = readWhole({
  format: 'waterclock.plan/2',
  timer: { season: { modes: ['whole'] } },
  stations: [{ number: 1 }, { number: 2 }, { number: 3 }],
  programs: [
    {
      ...{
        id: 'A',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
      },
      runs: [1, 2, 3].map((station) => ({ station, seconds: 1200 })),
    },
  ],
});

const AT_SIXTEEN = seenOf([
  { what: 'watered', from: '2026-06-02T16:00:00', to: '2026-06-02T16:20:00', station: 1 },
]);
const codesAfter = (...answers: Answer[]) =>
  narrowed(PLAN, AT_SIXTEEN, explain(PLAN, AT_SIXTEEN), answers).map(
    ({ fault, bearing }) => `${fault.code} ${bearing}`,
  );

it('what was found so comes first, what was not comes last, and the rest stays in its order', () => {
  const before = codesAfter();
  expect(before[0]).toBe('clock open');
  expect(before).toContain('extra-start open');
  const after = codesAfter(
    { of: 'extra-start', program: 'A', isSo: true },
    { of: 'clock', offSeconds: 0 },
  );
  expect(after[0]).toBe('extra-start so');
  expect(after.at(-1)).toBe('clock not');
  expect(after.filter((one) => one.startsWith('clock'))).toEqual(
    before.filter((one) => one.startsWith('clock')).map(() => 'clock not'),
  );
});

it('an answer is of its own station or program alone', () => {
  const after = codesAfter({ of: 'extra-start', program: 'B', isSo: false });
  expect(after).toEqual(codesAfter());
});

it('a clock that was read settles which of its errors it is, and is a cause where none names it', () => {
  expect(codesAfter({ of: 'clock', offSeconds: 43_140 })[0]).toBe('clock so');
  const odd = narrowed(PLAN, AT_SIXTEEN, explain(PLAN, AT_SIXTEEN), [
    { of: 'clock', offSeconds: 5400 },
  ]);
  expect(odd[0]).toMatchObject({
    ...{ bearing: 'so', explains: 0, against: 0 },
    fault: { code: 'clock', offSeconds: 5400 },
  });
});

it('weighs a cause that explains nothing', () => {
  const cause = weigh(PLAN, AT_SIXTEEN, { code: 'percent', percent: 50 });
  expect(cause).toMatchObject({ explains: 0, of: 1, against: 0 });
  expect(cause.says).toContain('50 %');
});
