import { variantById } from '@tropaeum/core/exercise/library/library';
import { copyAsCustom } from '@tropaeum/core/exercise/model/custom-exercise';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { writeSport } from '@tropaeum/core/formats/sport';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { Caller, type Club, password } from './club';
import { sentSession, template } from './samples';

/** What is there of a club when every route is called. */
export interface Laid {
  club: Club;
  url: string;
  session: { id: string; token: string };
  /** Somebody of the club beside the one who asks, and an invitation that is open. */
  personId: string;
  invitationId: string;
  /** A minor of whom only the name is kept, and a request to a physio. */
  pendingId: string;
  requestId: string;
  templateId: string;
  feedId: string;
  calendarId: string;
}

export const handball = sportById('handball') as SportProfile;
/** Clubs of the tests are told apart by the host of their address. */
export const nameOf = ({ email }: Club) => email.replace(/^coach@|\.example$/g, '');
export const sportOf = (club: Club) => `sport-of-${nameOf(club)}`;
const ownSport = (id: string) => ({ profile: writeSport({ ...handball, id }), revision: 0 });

const row = variantById('bent-row') as Variant;
export const ownRow = (id: string) => copyAsCustom(row, id, '3x12');
export const rowOf = (club: Club) => `row-of-${nameOf(club)}`;

/** Lays something behind every route of a club. */
export async function layBehindRoutes(coach: Caller, club: Club, url: string): Promise<Laid> {
  const session = await sentSession(coach, club);
  await coach.call('POST', '/own-variants', ownRow(rowOf(club)));
  await coach.call('PUT', `/sports/${sportOf(club)}`, ownSport(sportOf(club)));
  const made = async (path: string, body: unknown): Promise<string> => (await coach.call('POST', path, body)).body.id;
  await coach.call('POST', '/invitations', { email: `new@${nameOf(club)}.example`, role: 'assistant' });
  const { invitations } = (await coach.call('GET', '/people')).body;
  const physio = `physio@${nameOf(club)}.example`;
  await join(coach, url, physio, 'physio', [], [club.athleteId]);
  const restrictions = [{ region: 'wrist', severity: 'limit', setBy: 'physiotherapist' }];
  const set = { was: [], restrictions };
  await (await new Caller(url).signIn(physio)).call('PUT', `/treated/${club.athleteId}/restrictions`, set);
  await coach.call('POST', `/athletes/${club.athleteId}/release-requests`, { region: 'wrist', words: 'looks well' });
  return {
    ...{ club, url, session },
    personId: await join(coach, url, `helper@${nameOf(club)}.example`, 'assistant'),
    invitationId: invitations[0].id,
    pendingId: await made('/athletes', {
      ...{ name: 'Child of the club', squadId: club.squadId, role: 'wing' },
      athlete: { heightCm: 160, massKg: 50, born: '2013-04-04' },
    }),
    requestId: (await coach.call('GET', `/athletes/${club.athleteId}`)).body.releaseRequests[0].id,
    templateId: await made('/templates', template),
    calendarId: await made(`/squads/${club.squadId}/calendar-links`, {}),
    feedId: await made(`/squads/${club.squadId}/feeds`, { url: `${url}/api/stand-ins/league.ics` }),
  };
}

/** Invites somebody and takes the invitation up; the id of the new account. */
export async function join(
  owner: Caller,
  url: string,
  email: string,
  role: string,
  squadIds: readonly string[] = [],
  athleteIds: readonly string[] = [],
): Promise<string> {
  const invited = ['guardian', 'athlete'].includes(role)
    ? await owner.call('POST', `/athletes/${athleteIds[0]}/invitations`, { email, role })
    : await owner.call('POST', '/invitations', { email, role, squadIds, athleteIds });
  if (invited.status !== 201) throw new Error(`inviting gave ${invited.status}: ${JSON.stringify(invited.body)}`);
  const token = await mailedToken(owner, email);
  await new Caller(url).call('POST', `/mailed-links/${token}`, { name: email, password });
  const { people } = (await owner.call('GET', '/people')).body as { people: { id: string; email: string }[] };
  return (people.find((one) => one.email === email) as { id: string }).id;
}

/** The token in the latest mail to an address, as the mail simulator shows it to the owner. */
export async function mailedToken(owner: Caller, to: string): Promise<string> {
  const { mails } = (await owner.call('GET', '/mails')).body as { mails: { to: string; text: string }[] };
  return /\/(?:join|password)\/([\w-]+)/.exec(mails.find((m) => m.to === to)?.text ?? '')?.[1] ?? '';
}
