import type { ActionCapacity } from '@tropaeum/core/capacity/action-capacity';
import { capacityOf } from '@tropaeum/core/capacity/capacity-of';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import { momentWords } from '@tropaeum/core/exercise/mechanics/moments';
import { type JointAction, jointAction } from '@tropaeum/core/exercise/model/vocabulary';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { useMemo } from 'react';
import { dayName } from '../ui/days';
import { capital } from '../ui/words';

const groups: readonly { name: string; actions: readonly JointAction[] }[] = [
  {
    name: 'Legs',
    actions: [
      jointAction('hip extension shortening'),
      jointAction('hip flexion shortening'),
      jointAction('hip abduction shortening'),
      jointAction('hip adduction shortening'),
      jointAction('knee extension shortening'),
      jointAction('knee flexion shortening'),
      jointAction('ankle extension shortening'),
    ],
  },
  {
    name: 'Trunk and neck',
    actions: [
      jointAction('trunk flexion holding'),
      jointAction('trunk extension holding'),
      jointAction('trunk lateral-flexion holding'),
      jointAction('trunk rotation holding'),
      jointAction('neck extension holding'),
    ],
  },
  {
    name: 'Arms and shoulders',
    actions: [
      jointAction('shoulder flexion shortening'),
      jointAction('shoulder extension shortening'),
      jointAction('scapula retraction shortening'),
      jointAction('shoulder external-rotation shortening'),
      jointAction('elbow extension shortening'),
      jointAction('elbow flexion shortening'),
      jointAction('wrist grip holding'),
    ],
  },
];

/** Shares of the guess are drawn between these, as logarithms, so that half and double are as far from it. */
const [drawnFrom, drawnTo] = [0.4, 2.5];
const at = (share: number) => {
  const place = Math.log(share / drawnFrom) / Math.log(drawnTo / drawnFrom);
  return `${Math.min(1, Math.max(0, place)) * 100}%`;
};
/** Bounds as logarithms of their ratio: narrower than the first counts as shown, than the second as carried over from other joints. */
const [shownUnder, carriedUnder] = [0.45, 0.66];

/** What each joint action can do against where everybody like this starts, with its bounds: narrow where much was shown. */
export function JointStrength({ brief }: { brief: Brief }) {
  const catalogue = catalogueOf(brief.own);
  const capacity = useMemo(
    () => capacityOf(brief.athlete, brief.date, catalogue),
    [brief.athlete, brief.date, catalogue],
  );
  const shown = [...capacity.shown].map(([id, told]) => ({ id, ...told })).sort((a, b) => b.times - a.times);
  const { staying } = capacity;
  return (
    <section
      className="min-w-0 flex-1 overflow-y-auto px-4 pt-2 pb-6"
      aria-label="Joint strength"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: nothing in it takes the focus, and it has to be scrolled by keys all the same
      tabIndex={0}
    >
      <p className="max-w-2xl text-[0.95rem]">
        {shown.length === 0
          ? 'No logs yet: everything is estimated from body mass, sex, age and level.'
          : `From ${shown.reduce((sum, s) => sum + s.times, 0)} logs of ${shown.length} exercises. Bars: 80 % range. Dashed line: the estimate before any log.`}
      </p>
      <div className="mt-2 grid grid-cols-[12rem_1fr_10.5rem] gap-3 text-[0.72rem] text-quiet">
        <span />
        <span className="relative h-4">
          {[0.5, 1, 2].map((s) => (
            <span key={s} className="absolute -translate-x-1/2" style={{ left: at(s) }}>
              {s === 1 ? 'estimate' : `×${s}`}
            </span>
          ))}
        </span>
        <span className="label text-right">N m, one limb</span>
      </div>
      {groups.map(({ name, actions }) => (
        <section key={name} className="mb-3" aria-label={name}>
          <h2 className="label border-b border-stone pb-0.5">{name}</h2>
          {actions.map((action) => (
            <Row key={`${action.joint} ${action.action}`} found={capacity.of(action)} />
          ))}
        </section>
      ))}
      <p className="max-w-2xl text-[0.86rem] text-quiet">
        Repetitions at a given % of max: {Math.round(staying.low * 100)} to {Math.round(staying.high * 100)} % of the
        usual number (Epley 1985).
      </p>
      {shown.length > 0 && (
        <>
          <h2 className="label mt-4 border-b border-stone pb-0.5">Logs it is based on</h2>
          <ul className="columns-2 gap-6 text-[0.86rem]">
            {shown.map(({ id, times, last }) => (
              <li key={id} className="flex justify-between gap-2 border-b border-edge py-0.5">
                <span className="truncate">{catalogue.byId(id)?.name ?? id}</span>
                <span className="shrink-0 text-quiet">
                  {times}×, last {dayName(last)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-4 max-w-2xl text-[0.8rem] text-quiet">
        A mechanical model fitted to logs, not a measurement. Decisions after an injury are for the treating clinician.
      </p>
    </section>
  );
}

function Row({ found }: { found: ActionCapacity }) {
  const { action, guessNm, mostNm, moment } = found;
  const share = (nm: number) => nm / guessNm;
  const width = Math.log(mostNm.high / mostNm.low);
  const known = width < shownUnder;
  const whence = known ? '' : width < carriedUnder ? ', from similar exercises' : ', estimated';
  const name = `${capital(action.joint === 'scapula' ? 'shoulder blade' : action.joint)} ${action.action.replaceAll('-', ' ')}`;
  return (
    <div
      className="grid grid-cols-[12rem_1fr_10.5rem] items-center gap-3 border-b border-edge py-1"
      data-joint={found.key}
      title={`held by the ${momentWords[moment]}`}
    >
      <span className="text-[0.92rem]">{name}</span>
      <span className="relative h-5" aria-hidden="true">
        <span className="absolute inset-y-0 border-l border-dashed border-stone" style={{ left: at(1) }} />
        <span
          className={`absolute top-[9px] h-[3px] ${known ? 'bg-ink' : 'bg-stone'}`}
          style={{ left: at(share(mostNm.low)), right: `calc(100% - ${at(share(mostNm.high))})` }}
        />
        <span
          className={`absolute top-[4px] h-3 w-3 -translate-x-1/2 rounded-full border-2 ${known ? 'border-ink bg-ink' : 'border-stone bg-paper'}`}
          style={{ left: at(share(mostNm.mid)) }}
        />
      </span>
      <span className="text-right text-[0.84rem] leading-tight">
        <span className="dose">{Math.round(mostNm.mid)}</span>
        <span className="block text-[0.76rem] text-quiet">
          {Math.round(mostNm.low)} to {Math.round(mostNm.high)}
          {whence}
        </span>
      </span>
    </div>
  );
}
