import { parseDate } from '../civil-time/index.js';
import { readWhole, withPublicCases } from '../testing/cases.js';
import { check, type Finding } from './index.js';

const brief = ({ code, severity, program, station }: Finding) =>
  JSON.stringify({ code, severity, program, station });

withPublicCases(
  ({ command, expectError }) => command.verb === 'check' && !expectError,
  ({ plan, command, expect: expected, expectDetails = [] }) => {
    const found = check(readWhole(plan), parseDate(command.from)!);
    expect(found.map(brief).sort()).toEqual(
      (expected as Finding[])
        .map(({ code, severity, program, station }) =>
          brief({ code, severity, program, station } as Finding),
        )
        .sort(),
    );
    for (const details of expectDetails)
      expect(found).toContainEqual(expect.objectContaining(details));
  },
);
