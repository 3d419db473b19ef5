import type { SpeechLevel } from '@tropaeum/core/session/player/guide';
import { type PlayerManner, usualManner } from '@tropaeum/core/session/player/player';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How an athlete wants to be led; kept on the phone. */
export interface Wishes extends PlayerManner {
  speech: SpeechLevel;
  /** Of the synthesiser: 1 is as usual. */
  rate: number;
  /** Name of a voice of this phone; its own choice where none is. */
  voice: string;
  tones: boolean;
  vibration: boolean;
  theme: 'dark' | 'light';
}

export const useWishes = create<Wishes>()(
  persist<Wishes>(
    () => ({
      ...usualManner,
      ...{ speech: 'full', rate: 1, voice: '', tones: true, vibration: true, theme: 'dark' },
    }),
    { name: 'tropaeum-player' },
  ),
);
