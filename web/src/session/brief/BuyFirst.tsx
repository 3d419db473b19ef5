import type { Purchase } from '@tropaeum/core/session/bought-first';
import type { Brief } from '@tropaeum/core/session/brief';
import { useEffect, useRef, useState } from 'react';
import { capital } from '../../ui/words';
import { boughtFirstAway } from '../../workers/composing';

type Weighing = { kind: 'idle' } | { kind: 'weighing' } | { kind: 'done'; list: Purchase[] } | { kind: 'trouble' };

const mostOpened = 3;

/** Which one thing more would add most to what the sport asks of this athlete; weighed by composing with each. */
export function BuyFirst({ brief }: { brief: Brief }) {
  const [state, setState] = useState<Weighing>({ kind: 'idle' });
  const running = useRef<AbortController>(undefined);
  useEffect(() => () => running.current?.abort(), []);
  const weigh = () => {
    const controller = new AbortController();
    running.current = controller;
    setState({ kind: 'weighing' });
    boughtFirstAway(brief, controller.signal).then(
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
          <span className="animate-pulse">Composing with each of eleven things …</span>
          <button type="button" className="key h-6" onClick={stop}>
            Stop
          </button>
        </p>
      ) : (
        <button type="button" className="text-[0.84rem] underline" onClick={weigh}>
          What to buy first?
        </button>
      )}
      {state.kind === 'trouble' && <p className="text-small text-oxide">Weighing broke off; try again.</p>}
      {state.kind === 'done' && state.list.length === 0 && (
        <p className="text-small text-quiet">Nothing on the list would add anything worth its price.</p>
      )}
      {state.kind === 'done' && (
        <ol className="mt-1">
          {state.list.map(({ name, gain, opens }) => (
            <li key={name} className="border-t border-edge py-0.5 text-[0.84rem]">
              <span className="flex justify-between gap-2">
                {capital(name)} <span className="dose">+{(gain * 100).toFixed(1)} %</span>
              </span>
              <span className="block text-[0.76rem] leading-tight text-quiet">
                {opens.slice(0, mostOpened).join(', ')}
              </span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
