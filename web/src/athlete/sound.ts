const key = 'tropaeum-sound';
let audio: AudioContext | undefined;

export const soundOn = () => localStorage.getItem(key) !== 'off';

export function setSound(on: boolean): void {
  localStorage.setItem(key, on ? 'on' : 'off');
}

/** A short tone; higher for the end of something. */
export function tone(hertz: number, seconds = 0.09): void {
  if (!soundOn()) return;
  audio ??= new AudioContext();
  const swing = audio.createOscillator();
  const volume = audio.createGain();
  swing.frequency.value = hertz;
  volume.gain.setValueAtTime(0.2, audio.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
  swing.connect(volume).connect(audio.destination);
  swing.start();
  swing.stop(audio.currentTime + seconds);
}

/** Says a word or two where the phone can. */
export function say(words: string): void {
  if (!soundOn() || !('speechSynthesis' in window)) return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(words));
}
