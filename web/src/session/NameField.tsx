import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue';
import { LibrarySearch } from '@tropaeum/core/exercise/search';
import { blockOrder } from '@tropaeum/core/session/blocks';
import { add } from '@tropaeum/core/session/edit';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Figure } from '../ui/Figure';
import { composer } from '../workers/composing';
import { useSession } from './store';

const mostFound = 7;

/** Adds the exercise that is typed for, by any of its names, to the block where it belongs; says why when it cannot be done here. */
export function NameField({ onSaid }: { onSaid: (words: string) => void }) {
  const { brief, draft, edit } = useSession();
  const [text, setText] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useHotkeys('/', () => input.current?.focus(), { useKey: true, preventDefault: true });
  const catalogue = catalogueOf(brief.own);
  const search = useMemo(() => new LibrarySearch(catalogue.all), [catalogue]);
  const typed = useDeferredValue(text.trim());
  const found = useMemo(() => (typed ? search.find(typed).slice(0, mostFound) : []), [search, typed]);
  const choose = async (id: string | null) => {
    if (!id || !draft) return;
    setText('');
    const answer = await composer().addition(brief, draft, id);
    const name = catalogue.byId(id)?.name ?? id;
    if ('reasons' in answer) return onSaid(`${name}: ${answer.reasons.join(' ')}`);
    onSaid('');
    edit((d) => add(d, answer.block, answer.offered.choice, blockOrder(brief.houseRules.explosive)));
  };
  return (
    <Combobox value={null} onChange={(id: string | null) => void choose(id)} immediate={false}>
      <ComboboxInput
        ref={input}
        aria-label="Add an exercise by name"
        placeholder="or any exercise by name  /"
        className="field h-6 w-52 text-small"
        displayValue={() => text}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <ComboboxOptions
        anchor="top start"
        className="z-20 w-80 border border-stone bg-lit py-1 shadow-[0_2px_10px_rgb(0_0_0/0.15)] empty:hidden"
      >
        {found.map((id) => (
          <ComboboxOption
            key={id}
            value={id}
            className="flex cursor-pointer items-center gap-2 px-2 py-0.5 text-[0.9rem] data-focus:bg-edge"
          >
            <Figure variant={catalogue.drawnAs(id)} name="" className="h-8 w-10 shrink-0" />
            {catalogue.byId(id)?.name}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}
