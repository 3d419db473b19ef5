import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { lazy, Suspense, useEffect, useState } from 'react';
import { ask } from '../api/client';
import { dayName } from '../ui/days';
import { Limits } from './AthleteParts';
import type { LinkAnswer } from './offline-db';
import { phone } from './offline-db';
import { WishesSheet } from './player/WishesSheet';
import { Reminders } from './Reminders';
import { LazyFigure } from './SessionList';
import type { LinkSession } from './use-link';

const Tests = lazy(() => import('./Tests'));

/** Everything that was sent to this phone, each exercise once. */
const exercisesOf = ({ session, ahead = [] }: LinkAnswer): PlanItem[] => [
  ...new Map(
    [...(session ? [session] : []), ...ahead].flatMap(({ plan }) =>
      plan.blocks.flatMap((block) => block.items.map((item) => [item.variant, item] as const)),
    ),
  ).values(),
];

/** How each exercise goes, to be looked up without being led. */
function Exercises({ items, size }: { items: readonly PlanItem[]; size: AthleteSize }) {
  const [open, setOpen] = useState<string>();
  return (
    <ul>
      {items.map((item) => (
        <li key={item.variant} className="border-b border-edge">
          <button
            type="button"
            aria-expanded={open === item.variant}
            className="flex min-h-12 w-full items-center text-left text-lg"
            onClick={() => setOpen(open === item.variant ? undefined : item.variant)}
          >
            {item.name}
          </button>
          {open === item.variant && (
            <div className="pb-3">
              <div className="h-44">
                <Suspense fallback={null}>
                  <LazyFigure
                    variant={item.drawnAs ?? item.variant}
                    poses={item.poses}
                    name={item.name}
                    size={size}
                    playing
                    className="h-full w-full"
                  />
                </Suspense>
              </div>
              <ul className="mt-2 list-disc pl-5">
                {item.cues.map((cue) => (
                  <li key={cue}>{cue}</li>
                ))}
              </ul>
              {item.cautions.map((caution) => (
                <p key={caution} className="mt-1 text-oxide">
                  {caution}
                </p>
              ))}
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Others who open their link on this phone, such as a sister. */
function Others({ token }: { token: string }) {
  const [others, setOthers] = useState<{ token: string; name: string }[]>([]);
  useEffect(() => {
    const look = async () => {
      const all = await phone.answers.toArray().catch(() => []);
      setOthers(
        all.filter((one) => one.token !== token).map((one) => ({ token: one.token, name: one.answer.athlete.name })),
      );
    };
    void look();
  }, [token]);
  if (others.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="label text-[0.8rem]">Also on this phone</h2>
      <ul>
        {others.map((other) => (
          <li key={other.token} className="border-b border-edge">
            <a className="flex min-h-12 items-center text-lg underline" href={`/a/${other.token}`}>
              {other.name}
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Until when the link opens, and for longer by a tap. */
function LinkUntil({ token, until }: { token: string; until: string }) {
  const [now, setNow] = useState(until);
  const renew = async () => {
    const renewed = await ask<{ linkUntil: string }>(`/link/${token}/renewal`, 'POST').catch(() => undefined);
    if (renewed) setNow(renewed.linkUntil);
  };
  return (
    <p className="mt-8 text-quiet">
      Your link opens until {dayName(now)}.{' '}
      <button type="button" className="min-h-11 underline" onClick={() => void renew()}>
        Keep it for longer
      </button>
    </p>
  );
}

/** What is mine: limits, how I am led, reminders, exercises, who else uses this phone. */
export function MeTab({ link, answer, size }: { link: LinkSession; answer: LinkAnswer; size: AthleteSize }) {
  const [leading, setLeading] = useState(false);
  const limits = link.session?.plan.limits;
  const items = exercisesOf(answer);
  return (
    <div className="px-5 pt-6 pb-24">
      <h1 className="head text-3xl">{answer.athlete.name}</h1>
      {limits && limits.length > 0 && (
        <div className="-mx-5">
          <Limits limits={limits} />
        </div>
      )}
      <button
        type="button"
        className="mt-4 flex min-h-14 w-full items-center justify-between bg-sheet px-3 text-left text-lg"
        onClick={() => setLeading(true)}
      >
        <b>Voice, sounds, pace</b>
        <span className="text-quiet">how you are led</span>
      </button>
      <Reminders token={link.token} />
      <section className="mt-8">
        <h2 className="label text-[0.8rem]">My tests</h2>
        <Suspense fallback={null}>
          <Tests link={link} before={answer.tests ?? []} />
        </Suspense>
      </section>
      <section className="mt-8">
        <h2 className="label text-[0.8rem]">My exercises</h2>
        {items.length === 0 ? <p className="text-quiet">None sent yet.</p> : <Exercises items={items} size={size} />}
      </section>
      <Others token={link.token} />
      {answer.linkUntil && <LinkUntil token={link.token} until={answer.linkUntil} />}
      <p className="mt-8 text-quiet">
        To have this like an app: in the menu of the browser choose “Add to home screen”. It opens without a network.
      </p>
      {leading && <WishesSheet onClose={() => setLeading(false)} />}
    </div>
  );
}
