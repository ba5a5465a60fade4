import { fileURLToPath } from 'node:url';

const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      keepClassNames: true,
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
    module: { type: 'commonjs' },
  },
];

// Packages that come as ES modules only, and so must be turned into what Jest loads.
const MODULES_ONLY = [
  '@ant-design/colors',
  '@nestjs',
  'd3',
  'd3-.*',
  'internmap',
  'delaunator',
  'robust-predicates',
  'suncalc',
  'temporal-polyfill',
  'temporal-utils',
  'ical.js',
];

const tool = (name) => fileURLToPath(new URL(`tools/${name}`, import.meta.url));
const root = fileURLToPath(new URL('.', import.meta.url));

const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: 'node',
  setupFiles: [tool('property-tests.cjs')],
  transform: { '\\.[jt]sx?$': swc },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES_ONLY.join('|')})/)`],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@water-clock/core/([a-z-]+)$': `${root}packages/core/src/$1/index.ts`,
    '\\.module\\.css$': tool('css-classes.cjs'),
    '^virtual:component-styles/': tool('css-classes.cjs'),
    // The component library's modules come in both kinds.
    '^antd/es/(.*)$': 'antd/lib/$1',
    '^d3$': `${root}node_modules/d3/dist/d3.js`,
    '^d3-random$': `${root}node_modules/d3-random/dist/d3-random.js`,
  },
  modulePathIgnorePatterns: ['/dist/'],
  ...extra,
});

const withDatabase = {
  globalSetup: tool('jest-database.mjs'),
  globalTeardown: tool('jest-database-end.mjs'),
};

export default {
  // A slow machine takes its time; what hangs is still ended.
  testTimeout: 420_000,
  projects: [
    project('core'),
    project('cli'),
    project('server', withDatabase),
    project('web'),
    project('simulator'),
    project('e2e', {
      ...withDatabase,
      rootDir: 'e2e',
      testMatch: ['<rootDir>/journeys/**/*.spec.ts'],
      // Long walks and whole processes are for `npm run test:long`.
      testPathIgnorePatterns: process.env.TEST_LONG ? [] : ['\\.long\\.spec\\.ts$'],
    }),
  ],
};
