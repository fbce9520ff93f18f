import base from './jest.config.mjs';

/** The tests that mutants are tried on: those beside the parts that compute, in an environment that tells what they cover. */
export default async () => ({
  ...(await base()),
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: ['<rootDir>/src/{core,schema,encode,store,formats}/**/*.test.ts'],
});
