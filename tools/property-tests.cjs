// One seed for all property-based tests: the same in every run, unless TEST_SEED names another.
const fc = require('fast-check');

fc.configureGlobal({ seed: Number(process.env.TEST_SEED ?? 20_261_127) });
