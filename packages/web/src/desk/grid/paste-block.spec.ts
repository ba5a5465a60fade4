import type { Plan } from '@water-clock/core/settings';
import { programOf, setTimer } from '@water-clock/core/settings';
import { testPlan } from '../../testing/plans';
import { pasteBlock } from './paste-block';
import { endOfFirstStart } from './totals';

const plan = testPlan();
/** Two rows of starts stand above the stations. */
const place = (row: number, column: number) => ({ row, column, firstStation: 2 });

function pasted(text: string, row: number, column: number, onto: Plan = plan): Plan {
  const { edit, refused } = pasteBlock(onto, text, place(row, column));
  expect(refused).toEqual([]);
  return edit(onto);
}

function trouble(text: string, row: number, column: number, onto: Plan = plan): string[] {
  return [...pasteBlock(onto, text, place(row, column)).refused];
}

it('puts columns in the order of the grid: name, cycle, soak, programs', () => {
  const after = pasted('Verge\t6\t30\t12\t8\n', 2, 0);
  expect(after.stations[0]).toMatchObject({
    number: 1,
    name: 'Verge',
    cycleSeconds: 360,
    soakSeconds: 1800,
  });
  expect(programOf(after, 'A').runs[0]).toEqual({ station: 1, seconds: 720 });
  expect(programOf(after, 'B').runs).toContainEqual({ station: 1, seconds: 480 });
});

it('begins at the cell it is pasted into, and empties what is empty', () => {
  const after = pasted('5\n\n7', 2, 3);
  const runs = programOf(after, 'A').runs;
  expect(runs).toEqual([
    { station: 1, seconds: 300 },
    { station: 3, seconds: 420 },
  ]);
});

it('makes stations of rows beyond the last, as many as the timer has', () => {
  const after = pasted('Far bed\nOrchard', 5, 0);
  expect(after.stations.map(({ number, name }) => [number, name]).slice(3)).toEqual([
    [4, 'Far bed'],
    [5, 'Orchard'],
  ]);
  const full = setTimer({ stations: 4 })(plan);
  expect(trouble('Far bed\nOrchard', 5, 0, full)).toEqual(['Row 2: this timer has 4 stations.']);
});

it('takes starts in the rows of starts', () => {
  expect(programOf(pasted('4:15\t5 pm', 0, 3), 'B').starts).toEqual(['17:00']);
  expect(programOf(pasted('4:15\t5 pm', 0, 3), 'A').starts).toEqual(['04:15']);
});

it('names every cell that cannot be read, and takes the others', () => {
  expect(trouble('Verge\tlong\t30\tten\nHedge\t6\t30\t12\t1\t2\t3', 2, 0)).toEqual([
    expect.stringMatching(/^Row 1, column 2: "long" is no length\. Minutes such as /),
    expect.stringMatching(/^Row 1, column 4: "ten" is no length\. /),
    'Row 2, column 7: "3" is beyond the last program.',
  ]);
  const part = pasteBlock(plan, 'Verge\tlong\t30\nHedge\t6\tten', place(2, 0));
  expect([part.taken, part.refused.length]).toEqual([4, 2]);
  expect(part.edit(plan).stations.slice(0, 2)).toMatchObject([
    { name: 'Verge', soakSeconds: 1800 },
    { name: 'Hedge', cycleSeconds: 360 },
  ]);
  expect(part.edit(plan).stations[0]!.cycleSeconds).toBe(plan.stations[0]!.cycleSeconds);
  expect(trouble('25:00', 0, 3)).toEqual(['Row 1, column 1: "25:00" is no time of day.']);
});

it('tells when the first start of a program is over', () => {
  expect(endOfFirstStart(plan, 'A', 3000)).toBe('04:20');
  expect(endOfFirstStart(plan, 'A', 3001)).toBe('04:21');
  expect(endOfFirstStart(plan, 'C', undefined)).toBe('–');
});
