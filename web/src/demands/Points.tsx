import { mostImportance } from '@tropaeum/core/sport/profile';

/** Nought to five points, by click or arrow keys; a click on the last one that is set takes it away. */
export function Points({ value, name, onValue }: { value: number; name: string; onValue: (value: number) => void }) {
  const step = (by: number) => onValue(Math.min(mostImportance, Math.max(0, value + by)));
  const keys: Record<string, () => void> = {
    ArrowRight: () => step(1),
    ArrowUp: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowDown: () => step(-1),
    Home: () => onValue(0),
    End: () => onValue(mostImportance),
  };
  return (
    <span
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={mostImportance}
      aria-valuenow={value}
      className="inline-flex cursor-pointer gap-[2px] py-2"
      onKeyDown={(event) => {
        const act = keys[event.key];
        if (!act) return;
        event.preventDefault();
        event.stopPropagation();
        act();
      }}
    >
      {Array.from({ length: mostImportance }, (_, i) => i + 1).map((point) => (
        // biome-ignore lint/a11y/useKeyWithClickEvents: the slider around it takes the keys
        // biome-ignore lint/a11y/noStaticElementInteractions: the slider around it is what is spoken
        <span
          key={point}
          className={`h-2.5 w-[9px] border border-ink ${point <= value ? 'bg-ink' : 'bg-lit'}`}
          onClick={() => onValue(point === value ? point - 1 : point)}
        />
      ))}
    </span>
  );
}
