import { Redo2, Undo2 } from 'lucide-react';

interface UndoKeysProps {
  past: readonly unknown[];
  future: readonly unknown[];
  undo: () => void;
  redo: () => void;
}

/** Back and forth through what was done. */
export function UndoKeys({ past, future, undo, redo }: UndoKeysProps) {
  const keys = [
    { name: 'Undo', hint: 'u', steps: past, go: undo, Icon: Undo2 },
    { name: 'Redo', hint: 'shift u', steps: future, go: redo, Icon: Redo2 },
  ];
  return keys.map(({ name, hint, steps, go, Icon }) => (
    <button
      key={name}
      type="button"
      className="key key-plain"
      disabled={steps.length === 0}
      onClick={go}
      aria-label={name}
      title={`${name} (${hint})`}
    >
      <Icon size={16} />
    </button>
  ));
}
