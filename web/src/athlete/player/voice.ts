import type { Spoken } from '@tropaeum/core/session/player/guide';
import { useWishes } from './manner';

type Tone = NonNullable<Spoken['tone']>;

let audio: AudioContext | undefined;

/** How high and how long each tone is: a start rises, an end is long, a count is short. Hz and s. */
const tones: Record<Tone, readonly (readonly [number, number])[]> = {
  start: [
    [660, 0.1],
    [990, 0.25],
  ],
  count: [[620, 0.09]],
  change: [[740, 0.15]],
  end: [[520, 0.4]],
};
/** Milliseconds on and off. */
const shakes: Record<Tone, number | number[]> = { start: [80, 60, 200], count: 40, change: [60, 60, 60], end: 400 };

function sound(tone: Tone): void {
  audio ??= new AudioContext();
  let at = audio.currentTime;
  for (const [hertz, seconds] of tones[tone]) {
    const swing = audio.createOscillator();
    const volume = audio.createGain();
    swing.frequency.value = hertz;
    volume.gain.setValueAtTime(0.25, at);
    volume.gain.exponentialRampToValueAtTime(0.001, at + seconds);
    swing.connect(volume).connect(audio.destination);
    swing.start(at);
    swing.stop(at + seconds);
    at += seconds;
  }
}

/** Voices of this phone for the language that is spoken. */
export const voices = (): SpeechSynthesisVoice[] =>
  'speechSynthesis' in window ? speechSynthesis.getVoices().filter(({ lang }) => lang.startsWith('en')) : [];

function say(words: readonly string[]): void {
  if (!('speechSynthesis' in window)) return;
  const { rate, voice } = useWishes.getState();
  speechSynthesis.cancel();
  const spoken = new SpeechSynthesisUtterance(words.join(' '));
  spoken.lang = 'en';
  spoken.rate = rate;
  const chosen = voices().find(({ name }) => name === voice);
  if (chosen) spoken.voice = chosen;
  speechSynthesis.speak(spoken);
}

/** What is said now is said no more. */
export const hush = (): void => {
  if ('speechSynthesis' in window) speechSynthesis.cancel();
};

/** Gives lines to ear and hand: tones and shakes for who is too far to see, words for who cannot look. */
export function give(lines: readonly Spoken[]): void {
  if (lines.length === 0) return;
  const { tones: loud, vibration } = useWishes.getState();
  const tone = lines.find((line) => line.tone)?.tone;
  if (tone && loud) sound(tone);
  if (tone && vibration) navigator.vibrate?.(shakes[tone]);
  say(lines.map((line) => line.say));
}
