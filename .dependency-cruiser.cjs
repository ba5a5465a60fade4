// The arrows of docs/architecture.md. Each rule names who may not reach whom.
const CORE_ORDER = [
  'kernel',
  'civil-time',
  'time-zones',
  'documents',
  'timer-types',
  'settings',
  'yards',
  'set-up',
  'weather',
  'needs',
  'local-rules',
  'property-file',
  'words',
  'household-words',
  'engine',
  'water-use',
  'findings',
  'compare',
  'fixes',
  'planner',
  'repair',
  'proposals',
  'season-steps',
  'key-in',
  'visits',
  'dues',
  'sheets',
  'formats',
  'standing',
  'rollouts',
];

const coreArrows = CORE_ORDER.slice(0, -1).map((folder, index) => ({
  name: `core-${folder}-imports-only-what-stands-below`,
  severity: 'error',
  from: { path: `^packages/core/src/${folder}/` },
  to: { path: `^packages/core/src/(${CORE_ORDER.slice(index + 1).join('|')})/` },
}));

// The rooms of the web application, ground first: each imports only what stands below it; `timer-records` is what this
// device knows of a timer, its visit and what is in it.
const WEB_ORDER = [
  'format',
  'api',
  'ui',
  'session',
  'offline',
  'computing',
  'rules',
  'weather',
  'timer-types',
  'changes',
  'timer-records',
  'copies',
  'sheet',
  'yard',
  'measure',
  'need',
  'water',
  'desk',
  'visit',
  'set-up',
  'property',
  'properties',
  'round',
  'firm',
  'account',
  'sign-in',
  'find',
  'app',
];
// The rooms of the server; `schema` is the tables, `timer-records` what is stored of a timer.
const SERVER_ORDER = [
  'platform',
  'schema',
  'computing',
  'queues',
  'people',
  'timer-records',
  'removals',
  'rules',
  'weather',
  'timer-types',
  'properties',
  'timers',
  'copies',
  'visits',
  'sheets',
  'round',
  'search',
  'simulator',
  'planning',
  'health',
  'changes',
  'erasure',
  'retention',
  'rollouts',
  'schedule',
  'firm-archive',
  'property-files',
  'demo',
];

/** A rule for each room but the highest: nothing in it reaches up. Tests may stand anywhere. */
const noArrowUp = (place, rooms) => [
  ...rooms.slice(0, -1).map((room, index) => ({
    name: `${place}-${room}-imports-only-what-stands-below`,
    severity: 'error',
    from: { path: `^packages/${place}/src/${room}/`, pathNot: '\\.spec\\.tsx?$' },
    to: { path: `^packages/${place}/src/(${rooms.slice(index + 1).join('|')})/` },
  })),
  {
    name: `${place}-has-no-room-outside-its-order`,
    comment: 'A new room takes its place in the order of the rooms, in this file.',
    severity: 'error',
    from: {},
    to: {
      path: `^packages/${place}/src/[^/]+/`,
      pathNot: `^packages/${place}/src/(${[...rooms, 'testing'].join('|')})/`,
    },
  },
];

const workspace = (name) => `^(packages/${name}/|node_modules/@water-clock/${name}/)`;

module.exports = {
  forbidden: [
    {
      name: 'core-imports-nothing-outward',
      comment: 'The core is pure: it uses few packages, each in its place, and no Node module.',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.spec\\.ts$|/testing/' },
      to: {
        pathNot:
          '^packages/core/src/|^node_modules/(class-validator|d3-random|temporal-polyfill|ical\\.js|intl-messageformat)/',
      },
    },
    {
      name: 'core-reads-zones-in-one-place',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '^packages/core/src/time-zones/' },
      to: { path: '^node_modules/temporal-polyfill/' },
    },
    {
      name: 'core-draws-lots-in-one-place',
      comment: 'Only the simulated weather draws lots, from its seed.',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '^packages/core/src/weather/' },
      to: { path: '^node_modules/d3-random/' },
    },
    {
      name: 'core-writes-calendars-in-one-place',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '^packages/core/src/formats/' },
      to: { path: '^node_modules/ical\\.js/' },
    },
    {
      name: 'core-words-messages-in-one-place',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '^packages/core/src/household-words/' },
      to: { path: '^node_modules/intl-messageformat/' },
    },
    {
      name: 'core-agronomy-stands-alone',
      comment: 'Arithmetic of water, soil and weather: it knows nothing of timers.',
      severity: 'error',
      from: { path: '^packages/core/src/agronomy/', pathNot: '\\.spec\\.ts$' },
      to: { path: '^packages/core/src/(?!agronomy/|kernel/)' },
    },
    ...coreArrows,
    ...noArrowUp('web', WEB_ORDER),
    ...noArrowUp('server', SERVER_ORDER),
    {
      name: 'web-does-not-import-server',
      severity: 'error',
      from: { path: '^packages/web/' },
      to: { path: `${workspace('server')}|${workspace('cli')}|${workspace('simulator')}` },
    },
    {
      name: 'server-does-not-import-web',
      severity: 'error',
      from: { path: '^packages/server/' },
      to: { path: `${workspace('web')}|${workspace('cli')}|${workspace('simulator')}` },
    },
    {
      name: 'cli-imports-core-only',
      severity: 'error',
      from: { path: '^packages/cli/' },
      to: { path: `${workspace('web')}|${workspace('server')}|${workspace('simulator')}` },
    },
    {
      name: 'simulator-imports-core-only',
      severity: 'error',
      from: { path: '^packages/simulator/' },
      to: { path: `${workspace('web')}|${workspace('server')}|${workspace('cli')}` },
    },
    {
      name: 'simulator-does-not-ask-the-engine',
      comment: 'It is a second telling of what a timer does; the tests hold the two together.',
      severity: 'error',
      from: { path: '^packages/simulator/', pathNot: '\\.spec\\.ts$' },
      to: { path: '^packages/core/(src|dist)/(engine|findings|planner)/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: { path: '^packages/' },
      // What the build itself makes has no file.
      to: { couldNotResolve: true, pathNot: '^virtual:' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules|/dist/' },
    exclude: { path: '/dist/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['types', 'import', 'default'],
    },
  },
};
