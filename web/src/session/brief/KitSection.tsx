import { anchors } from '@tropaeum/core/exercise/vocabulary';
import { describeItem } from '@tropaeum/core/kit/kit';
import { KitLineError, parseKitLine } from '@tropaeum/core/kit/kit-line';
import { useState } from 'react';
import { words } from '../../ui/words';
import { Chip, type PartProps, Section } from './Section';

/** What is there to train with, typed line by line. */
export function KitSection({ brief, change }: PartProps) {
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState('');
  const { kit } = brief;
  const add = () => {
    try {
      const item = parseKitLine(line);
      change({ kit: { ...kit, items: [...kit.items, item] } });
      setLine('');
      setProblem('');
    } catch (error) {
      setProblem(error instanceof KitLineError ? error.message : 'This cannot be read.');
    }
  };
  return (
    <Section title="Kit">
      <div className="flex flex-wrap gap-1">
        {kit.items.map((item, i) => (
          <Chip
            key={i}
            name={describeItem(item)}
            onRemove={() => change({ kit: { ...kit, items: kit.items.filter((_, k) => k !== i) } })}
          >
            {(item.count ?? 1) > 1 ? `${item.count} × ` : ''}
            {describeItem(item)}
          </Chip>
        ))}
        {kit.items.length === 0 && <span className="text-small text-quiet">Nothing at all: bodyweight it is.</span>}
      </div>
      <input
        aria-label="Add kit"
        className="field mt-1.5 h-7"
        placeholder="2x7.5 kg dumbbell · loop medium · 5 l canister"
        value={line}
        onChange={(e) => setLine(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && line.trim() && add()}
      />
      {problem && (
        <p role="alert" className="text-small text-oxide">
          {problem}
        </p>
      )}
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
    </Section>
  );
}
