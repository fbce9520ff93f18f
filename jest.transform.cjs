const { createTransformer } = require('next/dist/build/swc/jest-transformer');

/**
 * What Jest runs stands in a context of its own, where each look at a global goes through a slow door, `undefined` too: a search
 * over typed arrays took five to fifteen times as long as outside. Each module gets those that never change as constants.
 */
const GLOBALS = (
  'undefined Infinity NaN Array BigInt Boolean Map Math Number Object Set String ' +
  'Float64Array Int32Array Uint8Array Uint16Array Uint32Array'
).split(' ');

module.exports = {
  createTransformer(options) {
    const transformer = createTransformer(options);
    return {
      ...transformer,
      process(source, file, given) {
        const made = transformer.process(source, file, given);
        return file.includes('node_modules') ? made : { ...made, code: withGlobals(made.code) };
      },
    };
  },
};

/** The code with the globals that it names, and does not declare itself, as constants behind its directives. */
function withGlobals(code) {
  const used = GLOBALS.filter(
    (name) =>
      new RegExp(`\\b${name}\\b`).test(code) &&
      !new RegExp(`\\b(?:class|function|const|let|var)\\s+${name}\\b`).test(code),
  );
  if (used.length === 0) return code;
  const constants = used.map((name) => `${name}=globalThis.${name}`).join();
  return code.replace(
    /^(?:\s*"use [a-z ]+";)*/,
    (directives) => `${directives}const ${constants};`,
  );
}
