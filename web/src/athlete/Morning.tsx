import { useState } from 'react';
import { dayName } from '../ui/days';
import type { LinkAnswer } from './offline-db';
import { type Pain, PainFields } from './PainFields';
import { ToldAtHome } from './ToldAtHome';
import type { LinkSession } from './use-link';

/** The morning after, where it is asked about: one tap when all is well, else where and how much. */
export function Morning({ link }: { link: LinkSession }) {
  if (!link.morning) return null;
  return (
    <Asked
      asked={link.morning}
      guardianTold={link.answer?.guardianTold}
      onAnswer={(pain) => void link.answerMorning(pain)}
    />
  );
}

interface AskedProps {
  asked: NonNullable<LinkAnswer['morning']>;
  guardianTold: boolean | undefined;
  onAnswer: (pain: Pain[]) => void;
}

function Asked({ asked, guardianTold, onAnswer }: AskedProps) {
  const [pain, setPain] = useState<Pain[]>(asked.pain.map((one) => ({ ...one, score: Math.max(1, one.score) })));
  const [open, setOpen] = useState(asked.pain.length > 0);
  return (
    <section aria-label="The morning after" className="mx-5 mt-4 border-l-4 border-bronze bg-sheet px-3 py-3">
      <p className="text-lg">
        <b>Since {dayName(asked.on)}: how was the next morning?</b>
      </p>
      {open && <PainFields pain={pain} onPain={setPain} />}
      {open && <ToldAtHome guardianTold={guardianTold} report={{ pain: [], morning: pain }} />}
      <div className="mt-3 grid grid-cols-2 gap-2">
        <button type="button" className="h-12 bg-lit text-lg" onClick={() => onAnswer([])}>
          No pain, not stiff
        </button>
        <button
          type="button"
          className="h-12 bg-lit text-lg disabled:opacity-40"
          disabled={open && pain.length === 0}
          onClick={() => (open ? onAnswer(pain) : setOpen(true))}
        >
          {open ? 'Send' : 'Something hurt'}
        </button>
      </div>
    </section>
  );
}
