import { words } from '../ui/words';

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  options: readonly T[];
  bare?: boolean;
  /** What an option is called; its id in words when left out. */
  called?: (option: T) => string;
  onValue: (value: T) => void;
}

/** One of a few. */
export function Choice<T extends string>({
  label,
  value,
  options,
  bare = false,
  called = words,
  onValue,
}: ChoiceProps<T>) {
  return (
    <label className="block min-w-0">
      <span className={bare ? 'sr-only' : 'text-[0.76rem] text-quiet'}>{label}</span>
      <select className="field h-7 px-1 text-[0.82rem]" value={value} onChange={(e) => onValue(e.target.value as T)}>
        {options.map((o) => (
          <option key={o} value={o}>
            {called(o)}
          </option>
        ))}
      </select>
    </label>
  );
}

interface SeveralProps<T extends string> {
  label: string;
  values: readonly T[];
  options: readonly T[];
  onValues: (values: T[]) => void;
}

/** One or more of a few; the last one stays. */
export function Several<T extends string>({ label, values, options, onValues }: SeveralProps<T>) {
  const toggle = (o: T) => {
    const next = values.includes(o)
      ? values.filter((v) => v !== o)
      : options.filter((x) => x === o || values.includes(x));
    if (next.length) onValues(next);
  };
  return (
    <fieldset className="flex flex-wrap items-center gap-1">
      <legend className="text-[0.76rem] text-quiet">{label}</legend>
      {options.map((o) => (
        <button
          key={o}
          type="button"
          aria-pressed={values.includes(o)}
          className={`border px-1.5 text-[0.8rem] ${values.includes(o) ? 'border-ink bg-ink text-paper' : 'border-stone bg-lit'}`}
          onClick={() => toggle(o)}
        >
          {words(o)}
        </button>
      ))}
    </fieldset>
  );
}
