import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

export default createConfig({
  testEnvironment: 'node',
  // Properties over thousands of cases take their time on a busy machine.
  testTimeout: 120_000,
  testMatch: ['<rootDir>/{src,cli,demo,scripts}/**/*.test.{ts,tsx}'],
  modulePathIgnorePatterns: ['<rootDir>/.cache', '<rootDir>/.next'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});
