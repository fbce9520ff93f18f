'use client';

import { useEffect, useRef } from 'react';
import type { Clock } from '@/schema/scene';
import { clockState } from '@/encode/conducting';
import { useNow } from '../frame/useNow';

const WARNING_HZ = 660;
const END_HZ = 523;
/** Longer than any browser takes that allows sound. */
const WAIT_MS = 300;

/** Sounds once when a clock that is watched warns and once when it ends; a browser that refuses is told of. */
export function useChime(clock: Clock | null, onRefused: () => void): void {
  const refused = useRef(onRefused);
  useEffect(() => {
    refused.current = onRefused;
  });
  const now = useNow(clock?.endsAt ?? null);
  const state = clock ? clockState(clock, now) : 'still';
  const last = useRef(state);
  const sound = clock?.sound ?? false;
  useEffect(() => {
    const before = last.current;
    last.current = state;
    if (!sound || before === 'still' || before === state) return;
    if (state === 'warning') void chime([WARNING_HZ], () => refused.current());
    if (state === 'over') void chime([END_HZ, WARNING_HZ, END_HZ], () => refused.current());
  }, [state, sound]);
}

/** Soft tones one after another, half a second each. */
async function chime(pitches: readonly number[], onRefused: () => void): Promise<void> {
  try {
    const audio = new AudioContext();
    // Without a press on this page a browser leaves it waiting.
    await Promise.race([audio.resume(), new Promise((resolve) => setTimeout(resolve, WAIT_MS))]);
    if (audio.state !== 'running') {
      onRefused();
      void audio.close();
      return;
    }
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
    onRefused();
  }
}
