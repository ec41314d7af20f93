/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  testRunner: 'jest',
  jest: { projectType: 'custom', configFile: 'jest.config.mjs', enableFindRelatedTests: true },
  coverageAnalysis: 'perTest',
  concurrency: 2,
  reporters: ['progress-append-only', 'json'],
  jsonReporter: { fileName: 'node_modules/.varietas/mutation.json' },
  tempDirName: '.mutants',
  disableTypeChecks: false,
  ignorePatterns: ['.output', '.varietas', 'docs', 'e2e', 'public', 'test-results'],
  timeoutMS: 10000,
  allowEmpty: false,
}
