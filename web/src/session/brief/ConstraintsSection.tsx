import { type BlockKind, mainBlocks } from '@tropaeum/core/exercise/model/vocabulary';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Context } from '@tropaeum/core/session/context/context';
import { X } from 'lucide-react';
import { Section } from '../../ui/Section';
import { words } from '../../ui/words';

interface HeldSectionProps {
  context: Context;
  brief: Brief;
  change: (change: Partial<Brief>) => void;
}

const floorBlocks: readonly BlockKind[] = ['technique', 'balance', ...mainBlocks, 'flexibility', 'finisher'];

/** What the coach holds to: exercises left out, and how many items a block has at the least. */
export function ConstraintsSection({ context, brief, change }: HeldSectionProps) {
  const { lock } = brief;
  const floors = lock.floors ?? [];
  const leastOf = (block: BlockKind) => floors.find((f) => 'block' in f && f.block === block)?.least ?? 0;
  const setFloor = (block: BlockKind, least: number) => {
    const others = floors.filter((f) => !('block' in f && f.block === block));
    change({ lock: { ...lock, floors: least > 0 ? [...others, { block, least }] : others } });
  };
  return (
    <Section title="Constraints">
      {lock.exclude.length > 0 && (
        <ul className="mb-1.5 flex flex-wrap gap-1" aria-label="Excluded">
          {lock.exclude.map((id) => (
            <li key={id} className="flex items-center gap-1 bg-edge px-1.5 text-[0.82rem]">
              {context.catalogue.byId(id)?.name ?? id}
              <button
                type="button"
                aria-label={`Allow ${context.catalogue.byId(id)?.name ?? id} again`}
                className="hover:text-oxide"
                onClick={() => change({ lock: { ...lock, exclude: lock.exclude.filter((e) => e !== id) } })}
              >
                <X size={12} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="text-[0.76rem] leading-tight text-quiet">
        Minimum number of exercises per block. Pinned exercises always stay.
      </p>
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1">
        {floorBlocks.map((block) => (
          <label key={block} className="flex items-center justify-between gap-1 text-[0.84rem]">
            {words(block)}
            <input
              type="number"
              min={0}
              max={6}
              aria-label={`At least in ${words(block)}`}
              className="field h-6 w-12 py-0 text-[0.8rem]"
              value={leastOf(block)}
              onChange={(e) => setFloor(block, Math.min(6, Math.max(0, Math.round(Number(e.target.value)))))}
            />
          </label>
        ))}
      </div>
    </Section>
  );
}
