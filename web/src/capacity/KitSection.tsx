import { anchors } from '@tropaeum/core/exercise/model/vocabulary';
import type { KitItem } from '@tropaeum/core/kit/kit';
import { type KitFault, readKit } from '@tropaeum/core/kit/kit-text';
import { describeItem } from '@tropaeum/core/kit/kit-words';
import { massRangeOf } from '@tropaeum/core/kit/mass';
import { useState } from 'react';
import { Chip, type PartProps, Section } from '../ui/Section';
import { shownInUnits } from '../ui/units';
import { words } from '../ui/words';
import { EquipmentAdvice } from './EquipmentAdvice';

/** How far off the mass of a filled or guessed thing may be, where that is worth saying. */
function unsure(item: KitItem): string {
  const { kg, high } = massRangeOf(item);
  return high - kg >= 0.05 ? ` ±${(high - kg).toFixed(1)}` : '';
}

/** What is there to train with: the whole of it typed at once, or thing by thing. */
export function KitSection({ brief, change }: PartProps) {
  const [line, setLine] = useState('');
  const [faults, setFaults] = useState<KitFault[]>([]);
  const { kit } = brief;
  // What is understood is taken, the rest stays in the field to be put right.
  const add = () => {
    const read = readKit(line);
    if (read.items.length || read.anchors.length || read.partner)
      change({
        kit: {
          ...kit,
          items: [...kit.items, ...read.items],
          anchors: [...new Set([...kit.anchors, ...read.anchors])],
          partner: kit.partner || read.partner,
        },
      });
    setLine(read.faults.map((f) => f.part).join(', '));
    setFaults(read.faults);
  };
  return (
    <Section title="Equipment">
      <div className="flex flex-wrap gap-1">
        {kit.items.map((item, i) => (
          <Chip
            key={i}
            name={describeItem(item)}
            onRemove={() => change({ kit: { ...kit, items: kit.items.filter((_, k) => k !== i) } })}
          >
            {(item.count ?? 1) > 1 ? `${item.count} × ` : ''}
            {shownInUnits(describeItem(item))}
            {unsure(item)}
          </Chip>
        ))}
        {kit.items.length === 0 && <span className="text-small text-quiet">No equipment: body weight only.</span>}
      </div>
      <input
        aria-label="Add equipment"
        className="field mt-1.5 h-7"
        placeholder="2x7.5 kg db, loop medium, sofa …"
        value={line}
        onChange={(e) => setLine(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && line.trim() && add()}
      />
      {faults.map((f) => (
        <p key={f.part} role="alert" className="text-small text-oxide">
          <mark className="bg-edge px-0.5 text-oxide">{f.word}</mark>: expected {f.expected}
        </p>
      ))}
      <div className="mt-1.5 flex flex-wrap gap-x-3 text-[0.84rem]">
        {anchors
          .filter((a) => a !== 'partner')
          .map((anchor) => (
            <label key={anchor} className="flex h-6 items-center gap-1">
              <input
                type="checkbox"
                checked={kit.anchors.includes(anchor)}
                onChange={(e) =>
                  change({
                    kit: {
                      ...kit,
                      anchors: e.target.checked ? [...kit.anchors, anchor] : kit.anchors.filter((a) => a !== anchor),
                    },
                  })
                }
              />
              {words(anchor)}
            </label>
          ))}
        <label className="flex h-6 items-center gap-1">
          <input
            type="checkbox"
            checked={kit.partner}
            onChange={(e) => change({ kit: { ...kit, partner: e.target.checked } })}
          />
          partner
        </label>
      </div>
      {/* With another brief what was weighed is no longer so. */}
      <EquipmentAdvice key={JSON.stringify(brief)} brief={brief} />
    </Section>
  );
}
