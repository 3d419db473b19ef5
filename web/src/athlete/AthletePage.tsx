import type { AthleteSize } from '@tropaeum/core/body/segments';
import { firstName } from '@tropaeum/core/common/text';
import { CalendarDays, Dumbbell, UserRound } from 'lucide-react';
import { useState } from 'react';
import { Quiet } from './AthleteParts';
import { MeTab } from './MeTab';
import { Morning } from './Morning';
import { Notices } from './Notices';
import { useWishes } from './player/manner';
import { Today } from './Today';
import { useLink } from './use-link';
import { useTakeOver } from './use-take-over';
import { WeekTab } from './WeekTab';
import './player/player.css';

const tabs = [
  { id: 'today', name: 'Today', Icon: Dumbbell },
  { id: 'week', name: 'Week', Icon: CalendarDays },
  { id: 'me', name: 'Me', Icon: UserRound },
] as const;
type Tab = (typeof tabs)[number]['id'];

/** The athlete's own place: today's session, the week, oneself. Works when the network goes. */
export function AthletePage({ token }: { token: string }) {
  const link = useLink(token);
  const { theme } = useWishes();
  const [tab, setTab] = useState<Tab>('today');
  const [full, setFull] = useState(false);
  const { answer, session } = link;
  const isResting = answer !== undefined && (answer.withheld || !session);
  useTakeOver(Boolean(link.problem || isResting));
  if (link.problem) return <Quiet title="This link did not open.">{link.problem}</Quiet>;
  // What the page came with stands until then.
  if (!answer) return null;
  const first = firstName(answer.athlete.name);
  const { heightCm, massKg, sex } = answer.athlete;
  const size: AthleteSize = { heightCm, massKg, ...(sex ? { sex } : {}) };
  const shown = full ? 'today' : tab;
  return (
    <main data-floor data-theme={theme} className="min-h-dvh bg-paper text-ink">
      <div className={full ? '' : 'mx-auto max-w-2xl'}>
        {shown === 'today' &&
          (isResting || !session ? (
            <div className="px-5 pt-16 pb-24">
              <Notices link={link} />
              <Morning link={link} />
              <h1 className="head mt-8 text-2xl">
                {answer.withheld ? `Not today’s session, ${first}.` : `Nothing for today, ${first}.`}
              </h1>
              <p className="mt-2 text-lg text-quiet">
                {answer.withheld
                  ? 'What you may do has changed since it was sent. Do not do the old one; your coach writes another.'
                  : 'Your coach has not sent a session yet. Rest is training too.'}
              </p>
            </div>
          ) : (
            <Today {...{ link, session, size, first }} onFull={setFull} />
          ))}
        {shown === 'week' && <WeekTab answer={answer} size={size} />}
        {shown === 'me' && <MeTab link={link} answer={answer} size={size} />}
      </div>
      {!full && (
        <nav aria-label="Places" className="fixed inset-x-0 bottom-0 z-20 border-t border-edge bg-paper">
          <ul className="mx-auto flex max-w-2xl">
            {tabs.map(({ id, name, Icon }) => (
              <li key={id} className="flex-1">
                <button
                  type="button"
                  aria-current={tab === id ? 'page' : undefined}
                  className={`flex h-16 w-full flex-col items-center justify-center gap-0.5 border-t-4 ${tab === id ? 'border-bronze text-bronze' : 'border-clear'}`}
                  onClick={() => setTab(id)}
                >
                  <Icon size={22} aria-hidden="true" />
                  <span className="head text-[0.9rem] leading-none">{name}</span>
                </button>
              </li>
            ))}
          </ul>
        </nav>
      )}
    </main>
  );
}
