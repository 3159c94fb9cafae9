/**
 * Mutation testing of the safety engine, by `npm run mutation`: each small change to it should fail a test. It takes an
 * hour or two, so it is no part of `npm test`; results are kept, and the next run tries only what changed since.
 */

// A mutant that survives is met by every property; a few runs of each find nearly as much in a fraction of the time.
process.env.OMTEL_RUNS ??= '5';

export default {
  mutate: ['core/src/{guidance,record,clocks,trail,judge}/**/*.ts', '!core/src/**/*.test.ts'],
  // What is said is a matter of taste, and is held by the tests of words; what is decided is not.
  mutator: { excludedMutations: ['StringLiteral'] },
  testRunner: 'jest',
  jest: {
    config: {
      rootDir: 'core',
      testMatch: ['<rootDir>/mutation.js'],
      testEnvironment: './core/mutation.environment.js',
    },
    configFile: 'core/jest.config.js',
    enableFindRelatedTests: false,
  },
  ignorePatterns: ['/app', '/server', '/e2e', '/bench', '/docs', '/scripts'],
  coverageAnalysis: 'perTest',
  timeoutMS: 20_000,
  incremental: true,
  incrementalFile: '.omtel/mutation/incremental.json',
  tempDirName: '.omtel/mutation/sandbox',
  reporters: ['clear-text', 'progress-append-only', 'json'],
  jsonReporter: { fileName: '.omtel/mutation/report.json' },
  thresholds: { high: 90, low: 85, break: 85 },
};
