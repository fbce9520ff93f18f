'use client';

import { useEffect, useRef } from 'react';
import type { Clock } from '@/schema/scene';
import { clockState } from '@/encode/conducting';
import { useNow } from '../frame/useNow';

const WARNING_HZ = 660;
const END_HZ = 523;

/** Sounds once when a clock that is watched warns and once when it ends; a browser may refuse, and nothing breaks. */
export function useChime(clock: Clock | null): void {
  const now = useNow(clock?.endsAt ?? null);
  const state = clock ? clockState(clock, now) : 'still';
  const last = useRef(state);
  const sound = clock?.sound ?? false;
  useEffect(() => {
    const before = last.current;
    last.current = state;
    if (!sound || before === 'still' || before === state) return;
    if (state === 'warning') void chime([WARNING_HZ]);
    if (state === 'over') void chime([END_HZ, WARNING_HZ, END_HZ]);
  }, [state, sound]);
}

/** Soft tones one after another, half a second each. */
async function chime(pitches: readonly number[]): Promise<void> {
  try {
    const audio = new AudioContext();
    await audio.resume();
    pitches.forEach((pitch, i) => {
      const [tone, volume] = [audio.createOscillator(), audio.createGain()];
      const start = audio.currentTime + i * 0.5;
      tone.type = 'sine';
      tone.frequency.value = pitch;
      volume.gain.setValueAtTime(0, start);
      volume.gain.linearRampToValueAtTime(0.3, start + 0.03);
      volume.gain.exponentialRampToValueAtTime(0.001, start + 0.6);
      tone.connect(volume).connect(audio.destination);
      tone.start(start);
      tone.stop(start + 0.65);
    });
    setTimeout(() => void audio.close(), pitches.length * 500 + 1_000);
  } catch {
    // Without sound the clock is still seen.
  }
}
