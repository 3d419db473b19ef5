import { maxImportance } from '@tropaeum/core/sport/profile';

interface PointsProps {
  value: number;
  name: string;
  /** Fewer cannot be set. */
  least?: number;
  /** How many points there are. */
  most?: number;
  onValue: (value: number) => void;
}

/** Nought to five points, by click or arrow keys; a click on the last one that is set takes it away. */
export function Points({ value, name, least = 0, most = maxImportance, onValue }: PointsProps) {
  const set = (to: number) => onValue(Math.min(most, Math.max(least, to)));
  const step = (by: number) => set(value + by);
  const keys: Record<string, () => void> = {
    ArrowRight: () => step(1),
    ArrowUp: () => step(1),
    ArrowLeft: () => step(-1),
    ArrowDown: () => step(-1),
    Home: () => set(least),
    End: () => set(most),
  };
  return (
    <span
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={least}
      aria-valuemax={most}
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
      {Array.from({ length: most }, (_, i) => i + 1).map((point) => (
        // biome-ignore lint/a11y/useKeyWithClickEvents: the slider around it takes the keys
        // biome-ignore lint/a11y/noStaticElementInteractions: the slider around it is what is spoken
        <span
          key={point}
          className={`h-2.5 w-[9px] border border-ink ${point <= value ? 'bg-ink' : 'bg-lit'}`}
          onClick={() => set(point === value ? point - 1 : point)}
        />
      ))}
    </span>
  );
}
