import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseDate, type DayNumber } from '../civil-time/index.js';
import { readPlan, readPlanText, type Plan } from '../settings/index.js';
import { clockErrorSeconds, foreverReport, simulate, simulationReport } from './index.js';

interface EngineCase {
  readonly name: string;
  readonly about: string;
  readonly plan: unknown;
  readonly command: { verb: string; from: string; days: number; trueTime?: boolean };
  readonly expect?: unknown;
  readonly expectError?: readonly string[];
}

const FOLDER = join(__dirname, '../../../../../shared/cases');

const cases: EngineCase[] = existsSync(FOLDER)
  ? readdirSync(FOLDER)
      .filter((file) => file.endsWith('.json'))
      .map((file) => JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as EngineCase)
  : [];

const read = (plan: unknown) => (typeof plan === 'string' ? readPlanText(plan) : readPlan(plan));

function readWhole(plan: unknown): Plan {
  const result = read(plan);
  if (!result.ok) throw new Error(JSON.stringify(result.trouble));
  return result.value;
}

if (cases.length === 0) {
  it.skip('the shared cases: their folder ../shared/cases is not beside this checkout', () =>
    undefined);
} else {
  const simulations = cases.filter(({ command, expect }) => command.verb === 'simulate' && expect);
  const badInputs = cases.filter(({ expectError }) => expectError);

  test.each(simulations)('$name: $about', ({ plan: document, command, expect: expected }) => {
    const plan = readWhole(document);
    const from = parseDate(command.from) as DayNumber;
    const moveBack = command.trueTime ? clockErrorSeconds(plan.controller) : 0;
    const report = simulationReport(simulate(plan, { from, days: command.days }), moveBack);
    expect(report).toEqual(expected);
  });

  const forevers = cases.filter(({ command }) => command.verb === 'forever');
  test.each(forevers)('$name: $about', ({ plan, command, expect: expected }) => {
    const from = parseDate(command.from) as DayNumber;
    expect(foreverReport(readWhole(plan), from)).toEqual(expected);
  });

  test.each(badInputs)('$name: $about', ({ plan, expectError }) => {
    const result = read(plan);
    if (result.ok) throw new Error('was read as a good plan');
    expect(result.trouble.map(({ path }) => path).sort()).toEqual([...(expectError ?? [])].sort());
  });
}
