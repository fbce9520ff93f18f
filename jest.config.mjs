import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

const config = createConfig({
  testEnvironment: 'node',
  // Properties over thousands of cases take their time on a busy machine.
  testTimeout: 120_000,
  // By itself Jest leaves one core idle, which is half of a machine with two.
  maxWorkers: '100%',
  testMatch: ['<rootDir>/{src,cli,demo,scripts}/**/*.test.{ts,tsx}'],
  modulePathIgnorePatterns: ['<rootDir>/.cache', '<rootDir>/.next'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});

/** Packages that come as modules alone, and what they ask for. */
const MODULES =
  'ical.js|url-template|(mdast|hast|unist|micromark|rehype|vfile)[\\w-]*|micromark|hastscript|property-information|' +
  'space-separated-tokens|comma-separated-tokens|stringify-entities|character-[\\w-]+|html-void-elements|' +
  'zwitch|ccount|trim-lines|decode-named-character-reference|eventsource-parser|devlop|web-namespaces|parse5|entities|@ungap';

const TRANSFORM = '<rootDir>/jest.transform.cjs';

export default async () => {
  const { transform, ...rest } = await config();
  return {
    ...rest,
    transform: Object.fromEntries(
      Object.entries(transform).map(([files, [made, options]]) => [
        files,
        [made.includes('jest-transformer') ? TRANSFORM : made, options],
      ]),
    ),
    transformIgnorePatterns: [
      `/node_modules/(?!(?:${MODULES})/)`,
      '^.+\\.module\\.(css|sass|scss)$',
    ],
  };
};
