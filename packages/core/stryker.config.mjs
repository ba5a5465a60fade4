// How strong the tests of a folder, or of one file, are: tools/mutate.mjs says of which, file by file.
import jestConfig from '../../jest.config.mjs';

const mutated = process.env.MUTATED;
const reports = `../../.reports/mutation/${mutated.replace('/', '-')}`;
const isFile = mutated.includes('/');
const { rootDir: _here, ...core } = jestConfig.projects.find(
  ({ displayName }) => displayName === 'core',
);

export default {
  mutate: [process.env.MUTATED_FILE],
  incremental: true,
  incrementalFile: `${reports}.json`,
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: {
    projectType: 'custom',
    config: {
      ...core,
      testMatch: [`<rootDir>/src/${mutated}${isFile ? '' : '/**/*'}.spec.ts`],
      testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
    },
  },
  coverageAnalysis: 'perTest',
  // What a file works out once, when it is loaded, would want every test run anew.
  ignoreStatic: true,
  concurrency: 2,
  // A change that only runs slowly on a busy machine is not one that was noticed.
  timeoutMS: 60_000,
  tempDirName: '../../.reports/mutation/sandboxes',
  ignorePatterns: ['dist'],
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: `${reports}.report.json` },
  clearTextReporter: { logTests: false, allowColor: false },
};
