import { type ItemPlace, note } from '@tropaeum/core/session/editing/edit';
import { useSession } from '../state/store';

/** A note for the athlete; it is written when the field is left. */
export function NoteField({ at, text }: { at: ItemPlace; text: string }) {
  const edit = useSession((s) => s.edit);
  return (
    <label className="mt-2 block text-[0.85rem]">
      <span title="n">Note for the athlete</span>
      <input
        type="text"
        data-note
        maxLength={240}
        className="field mt-0.5 h-7 w-full"
        defaultValue={text}
        onBlur={(e) => e.target.value.trim() !== text && edit((d) => note(d, at, e.target.value))}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
    </label>
  );
}
