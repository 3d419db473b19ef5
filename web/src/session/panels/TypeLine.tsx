import { qualityOfBlock } from '@tropaeum/core/exercise/model/vocabulary';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { type FrameShare, missesFrame } from '@tropaeum/core/session/scoring/frame-share';
import { type SessionType, sessionTypeNames, sessionTypes } from '@tropaeum/core/session-type/session-type';
import { qualityColour } from '../../ui/quality-colour';
import { capital, words } from '../../ui/words';
import { useWritten } from '../state/store';

/** The type after one, or before it, round and round. */
export function nextType(type: SessionType, step: 1 | -1): SessionType {
  const at = sessionTypes.indexOf(type) + step;
  return sessionTypes[(at + sessionTypes.length) % sessionTypes.length] as SessionType;
}

const hundredths = (share: number) => Math.round(share * 100);
/** A block of the main work: minutes it takes, and the share that the type asks for. */
function Share({ share }: { share: FrameShare }) {
  const { block, least, most, given, minutes } = share;
  return (
    <span
      className="flex items-center gap-1 whitespace-nowrap"
      title={`${words(block)}: ${hundredths(given)} % of the main work; this type has ${hundredths(least)} to ${hundredths(most)} %`}
    >
      <span
        aria-hidden="true"
        className="inline-block size-2"
        style={{ background: qualityColour[qualityOfBlock[block]] }}
      />
      {words(block)} <b className={`dose ${missesFrame(share) ? 'text-oxide' : ''}`}>{minutes.toFixed(0)} min</b>
      <span className="text-quiet">
        {hundredths(least)}–{hundredths(most)} %
      </span>
    </span>
  );
}

/** What kind of session this is and why, changed by one key; and how its frame is kept. */
export function TypeLine({ context, plan }: { context: Context; plan: Plan | undefined }) {
  const { brief, retype, stored } = useWritten();
  const { type, reason } = context.type;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-[0.84rem]">
      <label className="flex items-center gap-1.5">
        <span className="text-quiet">
          Session <kbd className="dose bg-edge px-1">y</kbd>
        </span>
        <select
          aria-label="Session type"
          className="field h-6 w-48 py-0 text-[0.84rem]"
          value={brief.sessionType ?? ''}
          disabled={stored?.status === 'done'}
          onChange={(e) => void retype((e.target.value || undefined) as SessionType | undefined)}
        >
          <option value="">{brief.sessionType ? 'Automatic' : `Auto: ${sessionTypeNames[type].toLowerCase()}`}</option>
          {sessionTypes.map((t) => (
            <option key={t} value={t}>
              {sessionTypeNames[t]}
            </option>
          ))}
        </select>
      </label>
      <span className="text-quiet" data-type-reason>
        {brief.sessionType ? `${capital(context.frame.purpose)}.` : reason}
      </span>
      {plan?.frame && (
        <span className="flex flex-wrap gap-x-3" data-frame>
          {plan.frame
            .filter(({ given, least }) => given > 0 || least > 0)
            .map((share) => (
              <Share key={share.block} share={share} />
            ))}
        </span>
      )}
    </div>
  );
}
