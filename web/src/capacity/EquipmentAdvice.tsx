import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Purchase } from '@tropaeum/core/session/composer/equipment-advice';
import { useEffect, useRef, useState } from 'react';
import { capital } from '../ui/words';
import { equipmentAdviceInWorker } from '../workers/composing';

type Weighing = { kind: 'idle' } | { kind: 'weighing' } | { kind: 'done'; list: Purchase[] } | { kind: 'trouble' };

const maxOpened = 3;

/** Which one thing more would add most to what the sport asks of this athlete; weighed by composing with each. */
export function EquipmentAdvice({ brief }: { brief: Brief }) {
  const [state, setState] = useState<Weighing>({ kind: 'idle' });
  const running = useRef<AbortController>(undefined);
  useEffect(() => () => running.current?.abort(), []);
  const weigh = () => {
    const controller = new AbortController();
    running.current = controller;
    setState({ kind: 'weighing' });
    equipmentAdviceInWorker(brief, controller.signal).then(
      (list) => setState({ kind: 'done', list }),
      () => !controller.signal.aborted && setState({ kind: 'trouble' }),
    );
  };
  const stop = () => {
    running.current?.abort();
    setState({ kind: 'idle' });
  };
  return (
    <div className="mt-2" aria-live="polite">
      {state.kind === 'weighing' ? (
        <p className="flex items-center justify-between gap-2 text-small">
          <span className="animate-pulse">Composing with each of eleven items …</span>
          <button type="button" className="key h-6" onClick={stop}>
            Stop
          </button>
        </p>
      ) : (
        <button type="button" className="text-[0.84rem] underline" onClick={weigh}>
          What equipment to buy first?
        </button>
      )}
      {state.kind === 'trouble' && <p className="text-small text-oxide">Calculation failed. Try again.</p>}
      {state.kind === 'done' && state.list.length === 0 && (
        <p className="text-small text-quiet">Nothing on the list is worth its price.</p>
      )}
      {state.kind === 'done' && (
        <ol className="mt-1">
          {state.list.map(({ name, gain, opens }) => (
            <li key={name} className="border-t border-edge py-0.5 text-[0.84rem]">
              <span className="flex justify-between gap-2">
                {capital(name)} <span className="dose">+{(gain * 100).toFixed(1)} %</span>
              </span>
              <span className="block text-[0.76rem] leading-tight text-quiet">
                {opens.slice(0, maxOpened).join(', ')}
              </span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
