const SWC = {
  jsc: {
    target: 'es2022',
    parser: { syntax: 'typescript', decorators: true },
    transform: { legacyDecorator: true, decoratorMetadata: false, useDefineForClassFields: false },
    keepClassNames: true,
  },
  module: { type: 'commonjs' },
  sourceMaps: 'inline',
}

/** @type {import('jest').Config} */
export default {
  testEnvironment: 'node',
  // A slow machine takes twenty times what a fast one does; what should be fast is measured by the benchmark.
  testTimeout: 60_000,
  testSequencer: './tests/support/answersFirst.cjs',
  // Looked up through the sandbox these take ten times the computing. Not Date: tests replace it.
  sandboxInjectedGlobals: [
    'Math',
    'Number',
    'Array',
    'Map',
    'Set',
    'Object',
    'Infinity',
    'Float64Array',
    'Uint8Array',
    'JSON',
    'String',
    'Symbol',
    'WeakMap',
    'Promise',
    'Error',
  ],
  testMatch: ['<rootDir>/{core,shared,server,demo,app,tests}/**/*.test.ts'],
  // p-limit, pinia 4 and what they import are ESM only
  transformIgnorePatterns: [
    '/node_modules/(?!(country-to-currency|ical\\.js|pinia|@vueuse|p-limit|yocto-queue|nostics|@vue/devtools-[a-z-]+|perfect-debounce|hookable|birpc)/)',
  ],
  moduleNameMapper: {
    '^#core/(.*)$': '<rootDir>/core/$1',
    '^#shared/(.*)$': '<rootDir>/shared/$1',
    '^~/(.*)$': '<rootDir>/app/$1',
  },
  modulePathIgnorePatterns: ['<rootDir>/.output', '<rootDir>/.nuxt', '<rootDir>/.varietas', '<rootDir>/.mutants'],
  transform: { '^.+\\.m?[tj]s$': ['@swc/jest', SWC], '^.+\\.vue$': ['<rootDir>/tests/support/vueTransform.cjs', SWC] },
  moduleFileExtensions: ['js', 'mjs', 'cjs', 'jsx', 'ts', 'mts', 'cts', 'tsx', 'json', 'node', 'vue'],
}
