import usual from './jest.config.mjs'

// Simulations of hundreds of readings are left out: they run minutes, and what they cover has other tests.
const jest = { ...usual, testPathIgnorePatterns: ['/node_modules/', '\\.simulation\\.test\\.ts$'] }

/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  testRunner: 'jest',
  jest: { projectType: 'custom', config: jest, enableFindRelatedTests: true },
  coverageAnalysis: 'perTest',
  concurrency: 2,
  plugins: ['@stryker-mutator/*', './scripts/survivors.mjs'],
  reporters: ['progress-append-only', 'survivors', 'json'],
  jsonReporter: { fileName: 'node_modules/.varietas/mutation.json' },
  tempDirName: '.mutants',
  disableTypeChecks: false,
  ignorePatterns: ['.output', '.varietas', 'docs/screenshots', 'e2e', 'public', 'test-results'],
  // A value of a module is made before any test: each would be run against all of them. A run with VARIETAS_STATICS=1 counts them, too.
  ignoreStatic: !process.env.VARIETAS_STATICS,
  // Every test once, with what it comes by written down: minutes on a slow machine.
  dryRunTimeoutMinutes: 40,
  timeoutMS: 10000,
  timeoutFactor: 1.2,
  allowEmpty: false,
}
