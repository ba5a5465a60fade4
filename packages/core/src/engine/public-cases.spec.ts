import { parseDate } from '../civil-time/index.js';
import { readCase, readWhole, withPublicCases } from '../testing/cases.js';
import { clockErrorSeconds, allDatesReport, simulate, simulationReport } from './index.js';

withPublicCases(
  ({ command, expect: expected }) => command.verb === 'simulate' && expected !== undefined,
  ({ plan: document, command, expect: expected }) => {
    const plan = readWhole(document);
    const from = parseDate(command.from)!;
    const moveBack = command.trueTime ? clockErrorSeconds(plan.controller) : 0;
    const report = simulationReport(simulate(plan, { from, days: command.days }), moveBack);
    expect(report).toEqual(expected);
  },
);

withPublicCases(
  ({ command }) => command.verb === 'forever',
  ({ plan, command, expect: expected }) => {
    const from = parseDate(command.from)!;
    expect(allDatesReport(readWhole(plan), from)).toEqual(expected);
  },
);

withPublicCases(
  ({ expectError, plans }) => expectError !== undefined && plans === undefined,
  ({ plan, expectError }) => {
    const result = readCase(plan);
    if (result.ok) throw new Error('was read as a good plan');
    expect(result.trouble.map(({ path }) => path).sort()).toEqual([...(expectError ?? [])].sort());
  },
);
