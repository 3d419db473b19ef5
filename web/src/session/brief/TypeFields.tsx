import { type Region, regions } from '@tropaeum/core/exercise/model/vocabulary';
import type { Context } from '@tropaeum/core/session/context/context';
import { focusTypes, sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { words } from '../../ui/words';
import { useWritten } from '../state/store';

/** The type that follows from the brief with its frame, and the part of the body it is about where that can be said. */
export function TypeFields({ context }: { context: Context }) {
  const { brief, changeBrief } = useWritten();
  const { type, reason } = context.type;
  const shares = Object.entries(context.frame.share).map(
    ([block, [least, most]]) => `${words(block)} ${Math.round(least * 100)}–${Math.round(most * 100)} %`,
  );
  const setFocus = (focus: Region | undefined) =>
    changeBrief(({ focus: _, ...rest }) => (focus ? { ...rest, focus } : rest));
  return (
    <div className="mt-1.5 text-[0.84rem] leading-snug">
      <p>
        <b>{sessionTypeNames[type]}</b>: {reason}
      </p>
      <p className="text-quiet">Main work: {shares.join(', ')}.</p>
      {focusTypes.has(type) && (
        <label className="mt-1 flex items-center justify-between gap-2">
          <span className="text-quiet">focus</span>
          <select
            aria-label="Focus"
            className="field h-6 w-32 py-0 text-[0.8rem]"
            value={brief.focus ?? ''}
            onChange={(e) => setFocus((e.target.value || undefined) as Region | undefined)}
          >
            <option value="">none</option>
            {regions.map((r) => (
              <option key={r} value={r}>
                {words(r)}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
