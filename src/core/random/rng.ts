/**
 * Seeded random numbers: xoshiro128** (Blackman and Vigna, "Scrambled linear pseudorandom number
 * generators", 2021), its state filled by splitmix32. Only 32-bit integer operations, so the same seed
 * gives the same stream on every machine.
 */
export interface Rng {
  /** The next 32 random bits as an integer from 0 to 2^32 - 1, both included. */
  nextUint32(): number;
  clone(): Rng;
  /** The four 32-bit words from which `rngFromState` resumes the stream. */
  getState(): readonly [number, number, number, number];
}

/** A generator for any finite seed; seeds equal modulo 2^53 give equal streams. */
export function rngFromSeed(seed: number): Rng {
  const whole = Math.trunc(seed);
  const high = Math.floor(whole / 0x100000000) | 0;
  let mix = (whole | 0) ^ Math.imul(high, 0x9e3779b1);
  const word = (): number => {
    mix = (mix + 0x9e3779b9) | 0;
    let z = mix ^ (mix >>> 16);
    z = Math.imul(z, 0x21f0aaad);
    z ^= z >>> 15;
    z = Math.imul(z, 0x735a2d97);
    return z ^ (z >>> 15);
  };
  return new Xoshiro128(word(), word(), word(), word() | 1);
}

/** Resumes the stream whose `getState` gave these words. */
export function rngFromState(state: readonly [number, number, number, number]): Rng {
  return new Xoshiro128(...state);
}

class Xoshiro128 implements Rng {
  constructor(
    private a: number,
    private b: number,
    private c: number,
    private d: number,
  ) {}

  nextUint32(): number {
    const scrambled = Math.imul(rotateLeft(Math.imul(this.b, 5), 7), 9);
    const shifted = this.b << 9;
    this.c ^= this.a;
    this.d ^= this.b;
    this.b ^= this.c;
    this.a ^= this.d;
    this.c ^= shifted;
    this.d = rotateLeft(this.d, 11);
    return scrambled >>> 0;
  }

  clone(): Rng {
    return new Xoshiro128(this.a, this.b, this.c, this.d);
  }

  getState(): readonly [number, number, number, number] {
    return [this.a, this.b, this.c, this.d];
  }
}

function rotateLeft(word: number, bits: number): number {
  return (word << bits) | (word >>> (32 - bits));
}
