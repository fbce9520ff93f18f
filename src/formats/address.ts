/** Longest address that mail can carry (RFC 5321, 4.5.3.1.3, less the angle brackets). */
const LONGEST_ADDRESS = 254;

/**
 * The WHATWG HTML pattern for an e-mail address, with a dot in the domain asked for: the class's rooms and
 * channels are never on a machine without one.
 */
const ADDRESS =
  /^[a-zA-Z0-9.!#$%&'*+/=?^_`{|}~-]+@[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?(?:\.[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?)+$/;

/** Whether the text can be an e-mail address; '' is none. */
export function isAddress(text: string): boolean {
  return text.length <= LONGEST_ADDRESS && ADDRESS.test(text) && !text.includes('..');
}
