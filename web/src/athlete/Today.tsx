import type { AthleteSize } from '@tropaeum/core/body/segments';
import { laidOut } from '@tropaeum/core/kit/equipment-list';
import { hasToRest } from '@tropaeum/core/session/player/readiness-today';
import { nextStep } from '@tropaeum/core/session/player/steps';
import { lazy, Suspense, useState } from 'react';
import { dayName } from '../ui/days';
import { shownInUnits } from '../ui/units';
import { Limits } from './AthleteParts';
import { Finish } from './Finish';
import { Morning } from './Morning';
import { Notices } from './Notices';
import type { PhoneSession } from './offline-db';
import { ReadinessCard } from './ReadinessCard';
import { RedFlags } from './RedFlags';
import { SessionList } from './SessionList';
import { type SessionDay, useDay } from './use-day';
import type { LinkSession } from './use-link';
import { useTakeOver } from './use-take-over';

const Player = lazy(async () => ({ default: (await import('./player/Player')).Player }));

interface TodayProps {
  link: LinkSession;
  session: PhoneSession;
  size: AthleteSize;
  first: string;
  /** Something fills the screen: the tabs go. */
  onFull: (full: boolean) => void;
}

/** What has to lie there, and what stands in where something is missing. */
function Equipment({ session }: { session: PhoneSession }) {
  const things = laidOut(session.plan.blocks.flatMap((b) => b.items.map((i) => i.uses ?? [])));
  const { replacements = [] } = session;
  if (things.length === 0) return <p className="text-quiet">No equipment today.</p>;
  return (
    <>
      <p className="text-quiet">{shownInUnits(`You need: ${things.join(', ')}.`)}</p>
      {replacements.length > 0 && (
        <details className="text-quiet">
          <summary className="flex min-h-11 cursor-pointer items-center underline">Something is missing?</summary>
          <ul>
            {replacements.map(({ instead, condition, caution, forWhat }) => (
              <li key={instead} className="py-1 leading-snug">
                <b className="text-ink">{instead}</b> for {forWhat}. {condition}{' '}
                <span className="text-oxide">{caution}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

/** Somebody grown up is asked for where the session wants it: no start without. */
function AdultAsked({ day }: { day: SessionDay }) {
  return (
    <div className="mx-5 mt-4 border-l-4 border-bronze bg-sheet px-3 py-3 text-lg">
      <b>Is an adult at home?</b>
      <p className="text-quiet">This session is done with somebody grown up within call.</p>
      <button type="button" className="head mt-2 h-12 w-full bg-lit" onClick={() => void day.tellAdult()}>
        An adult is here
      </button>
    </div>
  );
}

/** Today's session: how one is, what is needed, what comes; then the floor, the end. */
export function Today({ link, session, size, first, onFull }: TodayProps) {
  const day = useDay(link, session);
  const [place, setPlaceOnly] = useState<'home' | 'floor' | 'finish' | 'wrong'>('home');
  const [begun, setBegun] = useState('');
  const setPlace = (to: typeof place) => {
    onFull(to !== 'home');
    setPlaceOnly(to);
  };
  useTakeOver(day !== undefined);
  if (!day) return null;
  const { plan } = session;
  const isAllDone = nextStep(day.steps, day.done) >= day.steps.length;
  if (place === 'wrong')
    return (
      <RedFlags
        guardianTold={day.guardianTold}
        onBack={() => setPlace('home')}
        onEnd={(note) => {
          setBegun(note);
          setPlace('finish');
        }}
      />
    );
  if (place === 'floor' && !isAllDone)
    return (
      <Suspense fallback={null}>
        <Player
          day={day}
          size={size}
          onFinish={() => setPlace('finish')}
          onLeave={() => setPlace('home')}
          onWrong={() => setPlace('wrong')}
        />
      </Suspense>
    );
  if (place === 'finish' || place === 'floor')
    return (
      <Finish link={link} day={day} begun={begun} onBack={() => setPlace('home')} onDone={() => setPlace('home')} />
    );

  const rests = !day.started && day.readiness !== undefined && hasToRest(day.readiness);
  const label = session.label === '-' ? undefined : session.label;
  const asksAdult = plan.checks.some((check) => check.id === 'minor') && !day.adult && !day.reported;
  const sets = day.steps.filter((step) => step.kind === 'work');
  const doneSets = sets.filter(({ key }) => day.done.has(key)).length;
  return (
    <div className="pb-48">
      <header className="px-5 pt-6">
        <p className="label text-[0.8rem]">
          {dayName(session.on)}
          {label ? ` · ${label}` : ''}
        </p>
        <h1 className="head text-3xl">
          {day.reported ? `Well done, ${first}.` : `Hi ${first} · ${Math.round(plan.minutes.planned)} min`}
        </h1>
        <p className="mt-1 text-quiet" aria-live="polite">
          {link.waiting > 0
            ? day.reported
              ? 'Saved on this phone. It goes to your coach as soon as you are online.'
              : `${link.waiting} ${link.waiting === 1 ? 'entry' : 'entries'} saved on this phone. They are sent as soon as you are online.`
            : day.reported
              ? 'Your coach has everything.'
              : day.started
                ? `${doneSets} of ${sets.length} sets done`
                : ''}
        </p>
        {!day.reported && <Equipment session={session} />}
      </header>
      <Notices link={link} />
      <Morning link={link} />
      {!day.reported && !day.started && <ReadinessCard day={day} />}
      {asksAdult && <AdultAsked day={day} />}
      {plan.limits && <Limits limits={plan.limits} />}
      {plan.notes && plan.notes.length > 0 && <p className="mt-3 px-5 text-quiet">{plan.notes.join(' ')}</p>}
      <SessionList plan={plan} size={size} today={day} />
      <p className="px-5 pt-4 text-[0.95rem] text-quiet">
        Stop if pain is sharp or gets worse. Dizzy, chest pain or unusually out of breath: stop and get help.
      </p>
      {!day.reported && (
        <>
          <button
            type="button"
            className="mx-5 mt-2 h-12 border border-oxide px-4 text-lg text-oxide"
            onClick={() => setPlace('wrong')}
          >
            Something is wrong
          </button>
          <div className="fixed inset-x-0 bottom-16 mx-auto flex max-w-2xl gap-3 border-t border-edge bg-paper px-5 py-3">
            {day.started && (
              <button type="button" className="h-14 px-3 text-lg" onClick={() => setPlace('finish')}>
                End here
              </button>
            )}
            <button
              type="button"
              className="head h-14 flex-1 bg-bronze text-xl text-paper disabled:opacity-40"
              disabled={asksAdult || rests}
              onClick={() => setPlace(isAllDone ? 'finish' : 'floor')}
            >
              {rests
                ? 'Rest today'
                : asksAdult
                  ? 'An adult first'
                  : isAllDone
                    ? 'Finish'
                    : day.started
                      ? 'Go on'
                      : 'Start'}
            </button>
          </div>
        </>
      )}
    </div>
  );
}
