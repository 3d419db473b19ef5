import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import { LibrarySearch } from '@tropaeum/core/exercise/catalogue/search';
import { memo, useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { enterTyped } from '../../ui/enter-typed';
import { Figure } from '../../ui/Figure';
import { useSession } from '../state/store';

const maxFound = 7;

interface NameFieldProps {
  label: string;
  placeholder: string;
  /** The key that goes to the field. */
  hotkey: string;
  onName: (variantId: string) => void;
}

/** What was found is drawn once, and after its name: no letter waits for a picture. */
const Named = memo(({ drawnAs, name }: { drawnAs: string; name: string }) => {
  const drawn = useDeferredValue<string | undefined>(drawnAs, undefined);
  const place = 'h-8 w-10 shrink-0';
  return (
    <>
      {drawn ? <Figure variant={drawn} name="" className={place} /> : <span className={place} />}
      {name}
    </>
  );
});

/** An exercise typed for by any of its names. */
export function NameField({ label, placeholder, hotkey, onName }: NameFieldProps) {
  const brief = useSession((s) => s.brief);
  const [text, setText] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useHotkeys(hotkey, () => input.current?.focus(), { useKey: true, preventDefault: true });
  const catalogue = catalogueOf(brief.own);
  const search = useMemo(() => new LibrarySearch(catalogue.all), [catalogue]);
  const typed = useDeferredValue(text.trim());
  const find = useCallback((name: string) => (name ? search.find(name).slice(0, maxFound) : []), [search]);
  const found = useMemo(() => find(typed), [find, typed]);
  const choose = (id: string | null) => {
    if (!id) return;
    setText('');
    onName(id);
  };
  return (
    <Combobox value={null} onChange={choose} immediate={false}>
      <ComboboxInput
        ref={input}
        aria-label={label}
        placeholder={placeholder}
        className="field h-6 w-52 text-small"
        displayValue={() => text}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={enterTyped(typed !== text.trim(), () => find(text.trim())[0], choose)}
      />
      <ComboboxOptions
        anchor="top start"
        modal={false}
        className="z-20 w-80 border border-stone bg-lit py-1 shadow-[0_2px_10px_rgb(0_0_0/0.15)] empty:hidden"
      >
        {found.map((id) => (
          <ComboboxOption
            key={id}
            value={id}
            className="flex cursor-pointer items-center gap-2 px-2 py-0.5 text-[0.9rem] data-focus:bg-edge"
          >
            <Named drawnAs={catalogue.drawnAs(id)} name={catalogue.byId(id)?.name ?? id} />
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
}
