import { SEATS_ROOT } from '@/services/seats/contract';

/** This machine's own seats. */
export const SEATS = `/standins${SEATS_ROOT}`;

const KEY = 'gruppetto-seats';
const KEY_LENGTH = 40;

/** What this browser leads its sessions with: made up here, in no record and no file. */
export function seatsKey(): string {
  const kept = localStorage.getItem(KEY);
  if (kept !== null) return kept;
  const made = randomText(KEY_LENGTH);
  localStorage.setItem(KEY, made);
  return made;
}

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';

/** Of 64 letters, so that each byte gives one without favour. */
export function randomText(length: number): string {
  return [...crypto.getRandomValues(new Uint8Array(length))]
    .map((byte) => LETTERS[byte % LETTERS.length])
    .join('');
}

const PIN_LENGTH = 5;

export function randomPin(): string {
  const figures: number[] = [];
  while (figures.length < PIN_LENGTH) {
    const [byte = 255] = crypto.getRandomValues(new Uint8Array(1));
    // 250 and more would favour the small figures.
    if (byte < 250) figures.push(byte % 10);
  }
  return figures.join('');
}

/** Where students go, below the address at which their pages answer; with the language of the class, where it has one. */
export function seatsAddress(base: string, code: string, language = ''): string {
  return `${base}/seats/${code}${language === '' ? '' : `?lang=${language}`}`;
}

/** The same as it is read out and typed. */
export function typedAddress(base: string, code: string): string {
  return seatsAddress(base, code).replace(/^http:\/\//, '');
}
