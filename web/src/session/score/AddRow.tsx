import type { BlockKind } from '@tropaeum/core/exercise/model/vocabulary';
import { blockOrder } from '@tropaeum/core/session/context/block-bounds';
import { add } from '@tropaeum/core/session/editing/edit';
import { Plus } from 'lucide-react';
import { words } from '../../ui/words';
import { composer } from '../../workers/composing';
import { useWritten } from '../state/store';
import { NameField } from './NameField';

const offeredBlocks: readonly BlockKind[] = [
  'mobilise',
  'activate',
  'balance',
  'power',
  'strength',
  'prevention',
  'trunk',
  'cool-down',
];

/** Adds the best that still fits to a block; what came in can be swapped or taken back. */
export function AddRow() {
  const { brief, draft, edit, said, say, addNamed } = useWritten();
  const addTo = async (block: BlockKind) => {
    if (!draft) return;
    const [best] = await composer().additions(brief, draft, block, 1);
    if (!best) return say(`No other ${words(block)} exercise fits this equipment, room and athlete.`);
    say('');
    edit((d) => add(d, block, best.choice, blockOrder(brief.houseRules.explosive)));
  };
  return (
    <div className="flex flex-wrap items-center gap-1 border-t border-edge py-1.5 text-small">
      <span className="label w-[82px] pl-1.5">Add to</span>
      {offeredBlocks.map((block) => (
        <button
          key={block}
          type="button"
          className="flex h-6 cursor-pointer items-center gap-0.5 px-1.5 text-quiet hover:bg-lit hover:text-ink"
          onClick={() => void addTo(block)}
        >
          <Plus size={12} /> {words(block)}
        </button>
      ))}
      <NameField
        label="Add an exercise by name"
        placeholder="or type an exercise  /"
        hotkey="/"
        onName={(id) => void addNamed(id)}
      />
      <span role="status" className="text-bronze">
        {said}
      </span>
    </div>
  );
}
