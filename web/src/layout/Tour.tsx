import { X } from 'lucide-react';
import { useState } from 'react';

const key = 'tropaeum-tour';
const hints = [
  'Start here: “To plan” lists who needs a session today. Click a name.',
  'In a session, press c to compose. Click an exercise to see why it is there, its dose and substitutes.',
  'The bar at the top is the season: click a week to plan another day, or open Season to move sessions.',
  'Send puts a link under Messages. “Link” in the list of athletes opens what the athlete sees.',
  'Ctrl K finds any athlete, exercise or action; ? lists the keys.',
];

/** Hints for who sees the demo for the first time, one after the other; gone for good once they are dismissed. */
export function Tour() {
  const [at, setAt] = useState(() => (localStorage.getItem(key) ? hints.length : 0));
  const hint = hints[at];
  if (!hint) return null;
  const end = () => {
    localStorage.setItem(key, 'seen');
    setAt(hints.length);
  };
  const last = at === hints.length - 1;
  return (
    <aside
      aria-label="Tour"
      className="no-print flex items-center gap-3 border-t-2 border-bronze bg-lit px-4 py-1.5 text-small"
    >
      <span className="dose text-quiet">
        {at + 1} of {hints.length}
      </span>
      <span className="min-w-0 flex-1">{hint}</span>
      <button type="button" className="key h-6 px-2" onClick={() => (last ? end() : setAt(at + 1))}>
        {last ? 'Done' : 'Next'}
      </button>
      <button
        type="button"
        className="key key-plain h-6 px-1"
        aria-label="End the tour"
        title="End the tour"
        onClick={end}
      >
        <X size={14} />
      </button>
    </aside>
  );
}
