import { parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { arranged, check, type Finding } from './index.js';

const ON = parseDate('2026-06-01')!;

const shown = (findings: readonly Finding[]) =>
  arranged(findings).map(({ lead, like }) => `${lead.code} +${like.length}`);

it('three starts for three stations stand above their collisions, which are one line', () => {
  const plan = planOf({
    stations: [{ number: 1 }, { number: 2 }, { number: 3 }],
    programs: [
      {
        id: 'A',
        starts: ['04:00', '04:15', '04:30'],
        days: { mode: 'weekdays', weekdays: [1, 4] },
        runs: [1, 2, 3].map((station) => ({ station, seconds: 900 })),
      },
    ],
  });
  const findings = check(plan, ON);
  expect(findings.filter(({ code }) => code === 'collision')).toHaveLength(3);
  const [cause, collisions] = arranged(findings);
  expect([cause!.lead.code, cause!.like.length]).toEqual(['start-per-station', 0]);
  expect([collisions!.lead.code, collisions!.like.length]).toEqual(['collision', 2]);
  // Nothing is lost, and nothing told twice.
  const all = arranged(findings).flatMap(({ lead, like }) => [lead, ...like]);
  expect(new Set(all)).toEqual(new Set(findings));
  expect(all).toHaveLength(findings.length);
});

const found = (code: Finding['code'], fields: Partial<Finding> = {}): Finding => ({
  ...({ code, severity: 'warning', program: null, station: null, startNumber: null } as const),
  ...{ message: '', fix: '', ...fields },
});

it('two that are alike stand by themselves; collisions of other programs are others', () => {
  const meets = (program: string, other: string) =>
    found('collision', { program, b: { program: other, startNumber: 1 } });
  expect(shown([])).toEqual([]);
  expect(shown([found('runoff', { station: 1 }), found('runoff', { station: 2 })])).toEqual([
    'runoff +0',
    'runoff +0',
  ]);
  expect(
    shown([meets('A', 'B'), meets('A', 'B'), meets('A', 'C'), meets('A', 'B'), found('runoff')]),
  ).toEqual(['collision +2', 'collision +0', 'runoff +0']);
});

it('a cause that nothing comes of stays below what is worse', () => {
  const cause = found('start-per-station', { program: 'B' });
  const other = found('collision', { program: 'A', b: { program: 'A', startNumber: 2 } });
  expect(shown([other, cause])).toEqual(['collision +0', 'start-per-station +0']);
});
