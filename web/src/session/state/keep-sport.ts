import type { Brief } from '@tropaeum/core/session/brief/brief';
import { setImportance } from '@tropaeum/core/sport/edit';
import type { Importance, SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { useEffect } from 'react';
import {
  type ClubSport,
  changeSport,
  clubSportsNow,
  isShipped,
  sameSport,
  sportIn,
  useClubSports,
} from '../../demands/club-sports';
import { withProfile } from './session-state';
import { useSession } from './store';

/** The profile as a brief carries it: none where it is the shipped one. */
const carried = (profile: SportProfile | undefined): SportProfile | undefined =>
  profile && isShipped(profile) ? undefined : profile;

const profileOf = ({ sport }: Brief): SportProfile | undefined => sport.profile ?? sportById(sport.id);

/** A change of what a whole role is asked is the club's; undoing it in the session takes it back for the club as well. */
useSession.subscribe((now, before) => {
  if (now.athleteId !== before.athleteId || now.changes === 0 || now.brief === before.brief) return;
  if (now.brief.date !== before.brief.date || sameSport(now.brief.sport.profile, before.brief.sport.profile)) return;
  const profile = profileOf(now.brief);
  if (profile && !sameSport(profile, sportIn(clubSportsNow(), profile.id))) changeSport(profile);
});

/** Whether the page is written for the sport as the club has it now; what was sent before it changed is not. */
export function isCurrent(brief: Brief, club: readonly ClubSport[]): boolean {
  return sameSport(profileOf(brief), sportIn(club, brief.sport.id));
}

/** What a whole role is asked, changed from within a session. */
export function changeRole(actionId: string, role: string, importance: Importance): void {
  const { brief, changeBrief } = useSession.getState();
  const profile = profileOf(brief);
  if (!profile) return;
  const changed = setImportance(profile, actionId, role, importance);
  if (changed !== profile) changeBrief({ sport: withProfile(brief, carried(changed)).sport });
}

/** A page that is still a draft follows the sport as the club has it. */
export function useCurrentSport(opened: boolean): void {
  const club = useClubSports().data;
  const sent = useSession((s) => s.stored !== undefined && s.stored.status !== 'draft');
  useEffect(() => {
    if (!opened || sent || !club) return;
    const { brief, adoptSport } = useSession.getState();
    const profile = sportIn(club, brief.sport.id);
    const known = profile?.roles.some((r) => r.id === brief.sport.role);
    if (known && !isCurrent(brief, club)) adoptSport(carried(profile));
  }, [opened, sent, club]);
}
