/**
 * How often a property-based test draws: a few times in every test run, many times in `npm run test:long`.
 * The seed is set for all of them together, in `tools/property-tests.cjs`.
 */
export const runs = (few: number, many: number): { readonly numRuns: number } => ({
  numRuns: process.env['TEST_LONG'] ? many : few,
});
