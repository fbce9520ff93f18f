import base from './jest.config.mjs';

/** The tests that mutants are tried on: those beside the parts that compute, in an environment that tells what they cover. */
export default async () => ({
  ...(await base()),
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: ['<rootDir>/src/{core,schema,encode,store,formats}/**/*.test.ts'],
  setupFiles: ['<rootDir>/jest.mutants.setup.mjs'],
  // Three tabs over a real storage take seconds each; what they rest on is tried by the tests beside it.
  // Whether the fuzz over results meets every kind of one is not to be asked where it ends early.
  testPathIgnorePatterns: ['src/store/tabs.test.ts', 'src/schema/result.test.ts'],
});
