import { type SpeechLevel, speechLevels } from '@tropaeum/core/session/player/guide';
import { paces } from '@tropaeum/core/session/player/player';
import { useEffect, useState } from 'react';
import { Sheet } from '../Sheet';
import { useWishes, type Wishes } from './manner';
import { give, voices } from './voice';

const speechWords: Record<SpeechLevel, string> = { full: 'Everything', short: 'Names, counts', off: 'Nothing' };
const rates = [0.8, 1, 1.2, 1.4] as const;

interface ChoiceProps<T> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChoose: (value: T) => void;
}

function Choice<T extends string | number | boolean>({ label, value, options, onChoose }: ChoiceProps<T>) {
  return (
    <div role="radiogroup" aria-label={label} className="mt-3">
      <p className="text-lg">{label}</p>
      <div className="mt-1 flex gap-1.5">
        {options.map(([one, words]) => (
          <button
            key={String(one)}
            type="button"
            role="radio"
            aria-checked={value === one}
            className={`head min-h-12 flex-1 px-1 ${value === one ? 'bg-bronze text-paper' : 'bg-lit'}`}
            onClick={() => onChoose(one)}
          >
            {words}
          </button>
        ))}
      </div>
    </div>
  );
}

const onOff = [
  [true, 'On'],
  [false, 'Off'],
] as const;

/** How the session is led: voice, tones, vibration, pace, by itself or by taps. Kept on this phone. */
export function WishesSheet({ onClose }: { onClose: () => void }) {
  const wishes = useWishes();
  const set = (change: Partial<Wishes>) => useWishes.setState(change);
  const [known, setKnown] = useState(voices);
  useEffect(() => {
    if (!('speechSynthesis' in window)) return;
    // Some phones know their voices only after a while.
    const look = () => setKnown(voices());
    speechSynthesis.addEventListener?.('voiceschanged', look);
    return () => speechSynthesis.removeEventListener?.('voiceschanged', look);
  }, []);
  const tryOut = () => give([{ say: 'Three left.', tone: 'count' }]);
  return (
    <Sheet title="Voice, sounds, pace" onClose={onClose}>
      <Choice
        label="Start of the next set"
        value={wishes.auto}
        options={[
          [false, 'With a tap'],
          [true, 'By itself'],
        ]}
        onChoose={(auto) => set({ auto })}
      />
      <Choice
        label="What is said"
        value={wishes.speech}
        options={speechLevels.map((level) => [level, speechWords[level]] as const)}
        onChoose={(speech) => set({ speech })}
      />
      <Choice
        label="How fast it is said"
        value={wishes.rate}
        options={rates.map((rate) => [rate, `${rate}×`] as const)}
        onChoose={(rate) => {
          set({ rate });
          tryOut();
        }}
      />
      {known.length > 1 && (
        <label className="mt-3 block text-lg">
          Voice
          <select
            className="field mt-1 h-12 text-lg"
            value={wishes.voice}
            onChange={(event) => {
              set({ voice: event.target.value });
              tryOut();
            }}
          >
            <option value="">The phone's own</option>
            {known.map(({ name }) => (
              <option key={name}>{name}</option>
            ))}
          </select>
        </label>
      )}
      <Choice
        label="Time for a repetition"
        value={wishes.pace}
        options={paces.map((pace) => [pace, pace === 1 ? 'As planned' : `${pace}×`] as const)}
        onChoose={(pace) => set({ pace })}
      />
      <div className="grid grid-cols-2 gap-4">
        <Choice label="Tones" value={wishes.tones} options={onOff} onChoose={(tones) => set({ tones })} />
        <Choice
          label="Vibration"
          value={wishes.vibration}
          options={onOff}
          onChoose={(vibration) => set({ vibration })}
        />
      </div>
      <Choice
        label="Screen"
        value={wishes.theme}
        options={[
          ['dark', 'Dark'],
          ['light', 'Light'],
        ]}
        onChoose={(theme) => set({ theme })}
      />
    </Sheet>
  );
}
