import { registerSW } from 'virtual:pwa-register';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import { laidOut } from '@tropaeum/core/kit/equipment-list';
import { amountWords } from '@tropaeum/core/session/plan/amount-words';
import { nextStep, stepsOf } from '@tropaeum/core/session/player/steps';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { dayName } from '../ui/days';
import { Figure } from '../ui/Figure';
import { shownInUnits } from '../ui/units';
import { blockWords, leftWords, takes } from '../ui/words';
import { Limits, Quiet, Week } from './AthleteParts';
import { Finish } from './Finish';
import { Morning } from './Morning';
import { Player } from './Player';
import { RedFlags } from './RedFlags';
import { useLink } from './use-link';

/** The athlete's side: today's session, the floor, the end. Works when the network goes. */
export function AthletePage() {
  const { token = '' } = useParams();
  const link = useLink(token);
  const [place, setPlace] = useState<'home' | 'floor' | 'finish' | 'wrong'>('home');
  const [begun, setBegun] = useState('');
  const { answer } = link;
  useEffect(() => {
    registerSW({ immediate: true });
  }, []);
  const session = answer?.session;
  const firstSide =
    session?.secondSide === 'weaker-first' ? (session.dominantSide === 'left' ? 'right' : 'left') : 'left';
  const steps = useMemo(() => (session ? stepsOf(session.plan, firstSide) : []), [session, firstSide]);

  if (link.problem) return <Quiet title="This link did not open.">{link.problem}</Quiet>;
  if (!answer) return <Quiet title="Opening …" />;
  const first = answer.athlete.name.split(' ')[0];
  if (answer.withheld)
    return (
      <Quiet title={`Not today’s session, ${first}.`} week={answer.week}>
        What you may do has changed since it was sent. Do not do the old one; your coach writes another.
      </Quiet>
    );
  if (!session)
    return (
      <Quiet
        title={`Nothing for today, ${first}.`}
        week={answer.week}
        first={link.morning && <Morning asked={link.morning} onAnswer={(pain) => void link.answerMorning(pain)} />}
      >
        {link.closed ?? 'Your coach has not sent a session yet. Rest is training too.'}
      </Quiet>
    );
  const { plan } = session;
  const size: AthleteSize = {
    heightCm: answer.athlete.heightCm,
    massKg: answer.athlete.massKg,
    ...(answer.athlete.sex ? { sex: answer.athlete.sex } : {}),
  };
  const keys = new Set(link.logged.keys());
  const things = laidOut(plan.blocks.flatMap((b) => b.items.map((i) => i.uses ?? [])));
  const sets = steps.filter((s) => s.kind === 'work').length;
  const allDone = nextStep(steps, keys) >= steps.length;

  if (place === 'wrong')
    return (
      <RedFlags
        onBack={() => setPlace('home')}
        onEnd={(note) => {
          setBegun(note);
          setPlace('finish');
        }}
      />
    );
  if (place === 'floor' && !allDone) {
    return (
      <Player
        steps={steps}
        logged={keys}
        size={size}
        onLog={(step, amount, reserve) => void link.logSet(step, amount, reserve)}
        onFinish={() => setPlace('finish')}
        onLeave={() => setPlace('home')}
      />
    );
  }
  if (place === 'finish' || (place === 'floor' && allDone))
    return (
      <Finish link={link} steps={steps} begun={begun} onBack={() => setPlace('home')} onDone={() => setPlace('home')} />
    );

  const label = session.label === '-' ? undefined : session.label;
  const started = keys.size > 0;
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper pb-28 text-ink">
      <header className="px-5 pt-6">
        <p className="label text-[0.8rem]">
          {dayName(session.on)}
          {label ? ` · ${label}` : ''}
        </p>
        <h1 className="head text-3xl">
          {link.reported ? `Well done, ${first}.` : `Hi ${first} · ${Math.round(plan.minutes.planned)} min`}
        </h1>
        <p className="mt-1 text-quiet" aria-live="polite">
          {link.waiting > 0
            ? link.reported
              ? 'Saved on this phone. It goes to your coach as soon as you are online.'
              : `${link.waiting} sets saved on this phone. They are sent as soon as you are online.`
            : link.reported
              ? 'Your coach has everything.'
              : started
                ? `${keys.size} of ${sets} sets done`
                : things.length
                  ? shownInUnits(`You need: ${things.join(', ')}.`)
                  : 'No equipment today.'}
        </p>
      </header>
      {link.closed && (
        <p role="alert" className="mx-5 mt-3 border-l-4 border-bronze bg-sheet px-3 py-2">
          {link.closed}
          {link.waiting > 0 ? ' Open the new link on this phone: sets that are still here are sent then.' : ''}
        </p>
      )}
      {link.refused.count > 0 && (
        <details className="mx-5 mt-3 border-l-4 border-oxide bg-sheet px-3 py-2">
          <summary>
            {link.refused.count === 1 ? 'One entry was' : `${link.refused.count} entries were`} not accepted. Tell your
            coach; they stay on this phone.
          </summary>
          <ul className="mt-1 text-quiet">
            {link.refused.words.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </details>
      )}
      {link.morning && <Morning asked={link.morning} onAnswer={(pain) => void link.answerMorning(pain)} />}
      {plan.limits && <Limits limits={plan.limits} />}
      {plan.notes && plan.notes.length > 0 && <p className="mt-3 px-5 text-quiet">{plan.notes.join(' ')}</p>}
      <ol className="mt-4">
        {plan.blocks.flatMap((block, b) =>
          block.items.map((item, i) => {
            const done = [...link.logged.values()].filter((s) => s.variant === item.variant).length;
            const wanted = item.sets * (item.perSide ? 2 : 1);
            return (
              <li key={item.variant} className="border-b border-edge px-5">
                {i === 0 && plan.blocks[b - 1]?.kind !== block.kind && (
                  <p className="label pt-3 text-[0.75rem]">{blockWords(block.kind)}</p>
                )}
                <div className="flex items-center gap-3 py-2">
                  <Figure
                    variant={item.drawnAs ?? item.variant}
                    poses={item.poses}
                    name=""
                    size={size}
                    className="h-12 w-14 shrink-0"
                  />
                  <span className="min-w-0 flex-1">
                    <b className="block leading-tight">{item.name}</b>
                    {item.for && <span className="block leading-tight text-laurel">{item.for}</span>}
                    {item.adapt && <span className="block leading-tight text-oxide">{item.adapt.join(' ')}</span>}
                    <span className="text-quiet">
                      {takes(item)}
                      {leftWords(item) ? ` · ${leftWords(item)}` : ''}
                    </span>
                  </span>
                  <span className={`dose text-base ${done >= wanted ? 'text-laurel' : ''}`}>
                    {amountWords(item)}
                    {done >= wanted ? ' ✓' : ''}
                  </span>
                </div>
              </li>
            );
          }),
        )}
      </ol>
      <div className="px-5">
        <Week week={answer.week} />
      </div>
      <p className="px-5 pt-4 text-[0.95rem] text-quiet">
        Stop if pain is sharp or gets worse. Dizzy, chest pain or unusually out of breath: stop and get help.{' '}
        {plan.checks.some((c) => c.id === 'minor') && 'Have an adult nearby.'}
      </p>
      {!link.reported && (
        <button
          type="button"
          className="mx-5 mt-2 h-12 border border-oxide px-4 text-lg text-oxide"
          onClick={() => setPlace('wrong')}
        >
          Something is wrong
        </button>
      )}
      {!link.reported && (
        <div className="fixed inset-x-0 bottom-0 flex gap-3 border-t border-edge bg-paper px-5 py-4">
          {started && (
            <button type="button" className="h-14 px-3 text-lg" onClick={() => setPlace('finish')}>
              End here
            </button>
          )}
          <button
            type="button"
            className="head h-14 flex-1 bg-bronze text-xl text-paper"
            onClick={() => setPlace(allDone ? 'finish' : 'floor')}
          >
            {allDone ? 'Finish' : started ? 'Go on' : 'Start'}
          </button>
        </div>
      )}
    </main>
  );
}
