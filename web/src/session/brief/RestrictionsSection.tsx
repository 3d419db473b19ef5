import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { isSamePlace, type Release } from '@tropaeum/core/limits/release';
import { lifterOf, standingOf } from '@tropaeum/core/limits/restriction';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../../api/client';
import type { ReleaseRequest } from '../../api/people-types';
import { useAthlete } from '../../api/queries';
import type { RestrictionChange } from '../../api/types';
import { useWork } from '../../api/use-work';
import { dayName, dayOfMoment } from '../../ui/days';
import { type PartProps, Section } from '../../ui/Section';
import { capital, partWords } from '../../ui/words';
import { RestrictionDialog } from '../restriction/RestrictionDialog';
import { noteRelease } from '../state/releases';
import { useSession } from '../state/store';

/** Whether it holds on a day, and until when. */
function whenWords(restriction: Restriction, date: string): string {
  const { since, until } = restriction;
  if (since !== undefined && since > date) return `from ${dayName(since)}`;
  const standing = standingOf(restriction, date);
  if (!standing) return 'ended';
  if (standing.overdue) return 'date passed; holds until released';
  return until ? `until ${dayName(until)}` : 'until lifted';
}

/** What became of a restriction, in a few words. */
function changeWords({ before, after }: RestrictionChange): string {
  if (!before) return after ? `set: ${restrictionWords(after)}` : '';
  return after ? `changed: ${restrictionWords(after)}` : `lifted: ${restrictionWords(before)}`;
}

/** Who set, changed and released what, and when, and what a physio answered; nothing where nothing was changed. */
function Changes({
  changes,
  requests,
}: {
  changes: readonly RestrictionChange[];
  requests: readonly ReleaseRequest[];
}) {
  if (changes.length + requests.length === 0) return null;
  return (
    <>
      {requests.slice(0, 1).map((request) => (
        <p key={request.id} className="mt-1 text-[0.82rem] leading-snug">
          Release of the {partWords(request)}{' '}
          {request.answeredAt ? <b>answered: {request.answer}</b> : `asked for on ${dayOfMoment(request.askedAt)}`}
        </p>
      ))}
      <details className="mt-1.5 text-[0.82rem]">
        <summary className="cursor-pointer text-quiet">Changes</summary>
        <ul className="mt-1 max-h-40 overflow-y-auto">
          {changes.map((change) => (
            <li key={`${change.changedAt}${changeWords(change)}`} className="py-0.5 leading-snug">
              <span className="text-quiet">{dayName(change.changedAt.slice(0, 10))}</span> {changeWords(change)}
              {change.by && `, by ${change.by}`}
              {change.release &&
                `; released by ${change.release.by} on ${dayName(change.release.on)}: ${change.release.words}`}
            </li>
          ))}
        </ul>
      </details>
    </>
  );
}

/** What this athlete may not do, and until when. */
export function RestrictionsSection({ brief, change }: PartProps) {
  const { athlete, date } = brief;
  const athleteId = useSession((s) => s.athleteId);
  const [open, setOpen] = useState<number | 'new'>();
  const { data } = useAthlete(athleteId);
  const { work, problem } = useWork(['athlete', athleteId]);
  const list = athlete.restrictions ?? [];
  const physioOf = (r: Restriction) => data?.physios.find((one) => isSamePlace(one, r))?.physio;
  const put = (restrictions: Restriction[], release?: Release) => {
    if (release) noteRelease(athleteId, release);
    change({ athlete: { ...athlete, restrictions } });
    setOpen(undefined);
  };
  const before = typeof open === 'number' ? list[open] : undefined;
  return (
    <Section title="Restrictions">
      {list.map((r, i) => (
        <button
          key={`${r.region}${r.side}`}
          type="button"
          className="-mx-1 block w-full px-1 py-0.5 text-left text-[0.88rem] leading-snug hover:bg-lit"
          onClick={() => setOpen(i)}
        >
          <b>{capital(restrictionWords(r))}</b>
          <span className="block text-[0.82rem] text-quiet">
            {whenWords(r, date)}
            {physioOf(r) ? ` · ${physioOf(r)} eases it` : lifterOf(r) === 'clinician' ? ' · a clinician lifts it' : ''}
          </span>
          {r.criteria && <span className="block text-[0.82rem] text-quiet">Then: {r.criteria}</span>}
        </button>
      ))}
      <button type="button" className="key mt-1 flex h-7 items-center gap-1" onClick={() => setOpen('new')}>
        <Plus size={13} /> Add a restriction
      </button>
      <Changes changes={data?.restrictionChanges ?? []} requests={data?.releaseRequests ?? []} />
      <p role="alert" className="text-small text-oxide">
        {problem}
      </p>
      {open !== undefined && (
        <RestrictionDialog
          date={date}
          born={athlete.born}
          before={before}
          physio={before && physioOf(before)}
          onAsk={(words) => {
            if (!before) return;
            const { region, side } = before;
            void work('ask', () => ask(`/athletes/${athleteId}/release-requests`, 'POST', { region, side, words }));
            setOpen(undefined);
          }}
          onSave={(restriction, release) =>
            put(before ? list.map((r, i) => (i === open ? restriction : r)) : [...list, restriction], release)
          }
          {...(before
            ? {
                onLift: (release?: Release) =>
                  put(
                    list.filter((_, i) => i !== open),
                    release,
                  ),
              }
            : {})}
          onClose={() => setOpen(undefined)}
        />
      )}
    </Section>
  );
}
