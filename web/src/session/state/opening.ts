import type { CustomExercise } from '@tropaeum/core/exercise/model/custom-exercise';
import { briefForScheduled } from '@tropaeum/core/season/plan/scheduled-brief';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { choicesOf, type Draft } from '@tropaeum/core/session/draft/draft';
import { ask } from '../../api/client';
import type { AthleteDetail, StoredSession } from '../../api/types';
import { everythingSaved } from '../../saving/registry';
import type { ScheduledPage } from './scheduled-page';
import { withProfile } from './session-state';

/** The club's exercises as they are now, and those of a draft that have been taken off the list since. */
export function ownOf(
  now: readonly CustomExercise[],
  before: readonly CustomExercise[],
  draft: Draft,
): CustomExercise[] {
  const used = new Set(choicesOf(draft).map((c) => c.variant));
  return [...now, ...before.filter((o) => used.has(o.id) && !now.some((n) => n.id === o.id))];
}

/** A draft follows what has been learned of its athlete since: what is owned, limits, old injuries, tests, and what came back. */
function withAthleteNow(draft: Brief, now: Brief): Brief {
  const { restrictions, history, tests, battery, shown, ...rest } = draft.athlete;
  const known = now.athlete;
  const { recent, ...season } = draft.season;
  return {
    ...draft,
    kit: now.kit,
    athlete: {
      ...rest,
      ...(known.restrictions ? { restrictions: known.restrictions } : {}),
      ...(known.history ? { history: known.history } : {}),
      ...(known.tests ? { tests: known.tests } : {}),
      ...(known.battery ? { battery: known.battery } : {}),
      ...(known.shown ? { shown: known.shown } : {}),
    },
    season: { ...season, ...(now.season.recent ? { recent: now.season.recent } : {}) },
  };
}

/** A page of the desk as the server knows it: the stored session of the day, or the brief for a new one, with aim and minutes as the season has laid them where it is opened from there. */
export async function readPage(
  athleteId: string,
  day: string,
  asLaid?: ScheduledPage,
): Promise<{ brief: Brief; stored: StoredSession | undefined }> {
  // The page may have been written on a moment ago: it is read after that has been saved.
  await everythingSaved();
  const { brief, sessions } = await ask<AthleteDetail>(`/athletes/${athleteId}`);
  const listed = sessions.find((s) => s.on === day);
  if (!listed) {
    const plain = { ...brief, date: day };
    return { brief: asLaid ? briefForScheduled(plain, asLaid) : plain, stored: undefined };
  }
  const stored = await ask<StoredSession>(`/sessions/${listed.id}`);
  // What has been sent stays as it was sent.
  if (stored.status !== 'draft') return { brief: stored.brief, stored };
  const own = ownOf(brief.own ?? [], stored.brief.own ?? [], stored.draft);
  const { own: _, ...before } = withAthleteNow(stored.brief, brief);
  const written = withProfile(before, brief.sport.id === before.sport.id ? brief.sport.profile : before.sport.profile);
  return { brief: own.length ? { ...written, own } : written, stored };
}
