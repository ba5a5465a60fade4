import { casesIn } from '../testing/cases.js';
import { changeProgram, movedTime, setProgram, type Plan } from '../settings/index.js';
import { faultOf } from './acceptance.js';
import { planBrief, readBrief } from './index.js';
import { situationOf, type Situation } from './situation.js';

type Raw = Record<string, unknown>;

/** A public brief that can be met, changed by hand, with its plan. */
function planned(name: string, changes: Raw = {}): { situation: Situation; plan: Plan } {
  const [, text] = casesIn('plan').find(([file]) => file.startsWith(name))!;
  const document = { ...((JSON.parse(text) as Raw)['brief'] as Raw), ...changes };
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  let looks = 0;
  const answer = planBrief(document, read.value, { now: () => looks++ / 20, withNearest: false });
  if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
  return { situation: situationOf(read.value), plan: answer.plan };
}

/** What is wrong with a plan once it is changed by hand; it was right before. */
function faultAfter(
  { situation, plan }: ReturnType<typeof planned>,
  change: (plan: Plan) => Plan,
): string | null {
  expect(faultOf(situation, plan)).toBeNull();
  return faultOf(situation, change(plan));
}

const first = (plan: Plan) => plan.programs[0]!;

describe('a finished plan is refused', () => {
  const one = planned('01');

  it('where a start is added that collides', () => {
    const fault = faultAfter(one, (plan) => {
      const { id, starts } = first(plan);
      return setProgram(id, { starts: [...starts, movedTime(starts[0]!, 15)] })(plan);
    });
    expect(fault).toMatch(/^collision: /);
  });

  it('where it waters by day', () => {
    const fault = faultAfter(one, (plan) =>
      setProgram(first(plan).id, { starts: ['13:00'] })(plan),
    );
    expect(fault).toMatch(/^(late-finish: |station \d+ runs outside the night$)/);
  });

  it('where a run goes on past noon, into another night', () => {
    const free = planned('01', { rules: { headroomPercent: 100 } });
    const fault = faultAfter(free, (plan) =>
      setProgram(first(plan).id, { starts: ['11:45'] })(plan),
    );
    expect(fault).toMatch(/^a run of station \d+ spans two nights$/);
  });

  it('where a station is given nothing', () => {
    const fault = faultAfter(one, (plan) =>
      changeProgram(first(plan).id, ({ runs }) => ({ runs: runs.slice(1) }))(plan),
    );
    expect(fault).toMatch(/^station-idle: Station 1 /);
  });

  it('where the rules forbid one of its days', () => {
    const four = planned('04');
    const fault = faultAfter(four, (plan) =>
      setProgram(first(plan).id, {
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        blockedWeekdays: [],
      })(plan),
    );
    expect(fault).toMatch(/^rule-day: /);
  });

  it('where it holds as it is set, and not up to the percentage that was asked for', () => {
    // 82 minutes from 4:30 are over by 5:55; at 130 % they are 106.
    const fault = faultAfter(one, (plan) =>
      setProgram(first(plan).id, { starts: ['04:30'] })(plan),
    );
    expect(fault).toMatch(/^at 130 %: late-finish: /);
  });
});

it('new seed is watered in the hours of its day, and nowhere else', () => {
  const seed = planned('09');
  const isOfSeed = ({ runs }: Plan['programs'][number]) =>
    runs.some(({ station }) => station === 1);
  const fault = faultAfter(seed, (plan) => {
    const { id, starts } = plan.programs.find(isOfSeed)!;
    return setProgram(id, { starts: [...starts.slice(0, -1), '16:30'] })(plan);
  });
  expect(fault).toMatch(/^station [13] runs outside its day$/);
});
