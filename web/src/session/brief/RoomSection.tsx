import type { Room } from '@tropaeum/core/kit/kit';
import { type PartProps, Section } from '../../ui/Section';

const roomSwitches: [keyof Room, string][] = [
  ['wall', 'free wall'],
  ['stairs', 'stairs'],
  ['slidingFloor', 'floor slides'],
  ['quiet', 'keep quiet'],
];

/** How large the room is and what it has. */
export function RoomSection({ brief, change }: PartProps) {
  const { room } = brief.kit;
  const set = (part: Partial<Room>) => change({ kit: { ...brief.kit, room: { ...room, ...part } } });
  const metres = (key: 'lengthM' | 'widthM' | 'ceilingM', label: string) => (
    <label className="block">
      <span className="text-[0.78rem] text-quiet">{label}</span>
      <input
        type="number"
        step="0.1"
        min="0.5"
        className="field h-7"
        value={room[key]}
        onChange={(e) => Number(e.target.value) >= 0.5 && set({ [key]: Number(e.target.value) })}
      />
    </label>
  );
  return (
    <Section title="Room, metres">
      <div className="grid grid-cols-3 gap-1.5">
        {metres('lengthM', 'long')}
        {metres('widthM', 'wide')}
        {metres('ceilingM', 'high')}
      </div>
      <div className="mt-1.5 grid grid-cols-2 gap-x-3 text-[0.84rem]">
        {roomSwitches.map(([key, label]) => (
          <label key={key} className="flex h-6 items-center gap-1">
            <input type="checkbox" checked={Boolean(room[key])} onChange={(e) => set({ [key]: e.target.checked })} />
            {label}
          </label>
        ))}
      </div>
    </Section>
  );
}
