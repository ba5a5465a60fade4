const swc = (extra = {}) => [
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
        ...extra,
      },
    },
    module: { type: 'commonjs' },
  },
];

// Packages that come as ES modules only, and so must be turned into what Jest loads.
const MODULES_ONLY = [
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

const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: 'node',
  transform: { '\\.[jt]sx?$': swc() },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES_ONLY.join('|')})/)`],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@water-clock/core/([a-z-]+)$': '<rootDir>/../core/src/$1/index.ts',
    '^d3$': '<rootDir>/../../node_modules/d3/dist/d3.js',
    '^d3-random$': '<rootDir>/../../node_modules/d3-random/dist/d3-random.js',
  },
  modulePathIgnorePatterns: ['/dist/'],
  ...extra,
});

export default {
  projects: [
    project('core'),
    project('cli'),
    project('server', {
      globalSetup: '<rootDir>/src/testing/database-setup.mjs',
      globalTeardown: '<rootDir>/src/testing/database-teardown.mjs',
    }),
    project('web'),
    project('bench-timer'),
    {
      ...project('core'),
      displayName: 'e2e',
      rootDir: 'e2e',
      testMatch: ['<rootDir>/journeys/**/*.spec.ts'],
      moduleNameMapper: {
        '^(\\.{1,2}/.*)\\.js$': '$1',
        '^@water-clock/core/([a-z-]+)$': '<rootDir>/../packages/core/src/$1/index.ts',
        '^d3-random$': '<rootDir>/../node_modules/d3-random/dist/d3-random.js',
      },
    },
  ],
};
