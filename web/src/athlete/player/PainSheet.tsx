import { changeWords } from '@tropaeum/core/session/player/changes';
import type { PainAnswer, PainNow } from '@tropaeum/core/session/player/pain-today';
import { useState } from 'react';
import { partWords } from '../../ui/words';
import { BodyMap, type Spot } from '../BodyMap';
import { Scale } from '../PainFields';
import { Sheet } from '../Sheet';
import { ToldAtHome } from '../ToldAtHome';
import type { FloorSheetsProps } from './floor-sheets';

const signs = 'Sharp, catching, giving way, locked, numb or tingling';

/** Where and how much; then what it does to the rest of today, by rules that only ever take away. */
export function PainSheet({ day, onClose, onEnd, onWrong }: FloorSheetsProps) {
  const [spot, setSpot] = useState<Spot>();
  const [score, setScore] = useState<number>();
  const [answer, setAnswer] = useState<PainAnswer>();
  const tell = async (pain: PainNow) => setAnswer(await day.tellPain(pain));
  const names = new Map(day.session.plan.blocks.flatMap(({ items }) => items.map((i) => [i.variant, i.name])));
  if (answer)
    return (
      <Sheet
        title={answer.kind === 'end' ? 'Stop for today' : 'What this means today'}
        onClose={answer.kind === 'end' ? onEnd : onClose}
      >
        <p className="mt-2 text-lg" role="status">
          {answer.say}
        </p>
        <ul className="mt-2">
          {answer.changes.map((change) => (
            <li key={`${change.slot} ${change.kind}`} className="border-b border-edge py-1.5">
              {changeWords(change, names.get(change.slot) ?? change.slot)}
            </li>
          ))}
        </ul>
        <div className="mt-5 grid grid-cols-2 gap-3">
          <button type="button" className="h-14 border border-stone text-lg" onClick={onEnd}>
            End the session
          </button>
          {answer.kind !== 'end' && (
            <button type="button" className="head h-14 bg-bronze text-xl text-paper" onClick={onClose}>
              Go on
            </button>
          )}
        </div>
      </Sheet>
    );
  return (
    <Sheet title="Where does it hurt?" onClose={onClose}>
      <BodyMap chosen={spot ? [spot] : []} onChoose={setSpot} />
      {spot && (
        <>
          <p className="mt-3 text-lg">
            <b>{partWords(spot)}</b>: how much, 0 to 10?
          </p>
          <Scale label={`Pain, ${partWords(spot)}`} value={score} onValue={setScore} />
        </>
      )}
      {spot && score !== undefined && (
        <ToldAtHome guardianTold={day.guardianTold} readiness={{ meanwhile: [{ ...spot, score }] }} />
      )}
      <button type="button" className="mt-4 min-h-12 text-left text-oxide underline" onClick={onWrong}>
        {signs}: stop and look here
      </button>
      <button
        type="button"
        className="head mt-3 h-14 w-full bg-bronze text-xl text-paper disabled:opacity-40"
        disabled={!spot || score === undefined}
        onClick={() => spot && score !== undefined && void tell({ ...spot, score })}
      >
        {spot ? (score === undefined ? 'Choose how much' : 'Tell') : 'Tap the part'}
      </button>
    </Sheet>
  );
}
