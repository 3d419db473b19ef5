import type { Role } from '@tropaeum/core/people/permissions';
import type { Transaction } from '../database/database';
import { HttpError } from '../middleware/http-error';
import type { SignedIn } from '../middleware/middleware';
import type { Mail } from '../simulators/mail-service';
import { accountById } from '../store/accounts';
import { addMailedLink, withdrawInvitation } from '../store/mailed-links';
import type { Services } from './context';

const invitationDays = 7;
const invitationMinutes = invitationDays * 24 * 60;

interface Invited {
  email: string;
  role: Role;
  squadIds: string[];
  athleteIds: string[];
  /** What is looked at before anything is written. */
  check?: (tx: Transaction) => Promise<void>;
  /** Subject and first paragraph of the mail. */
  words: (from: { name: string; organisation: string }) => { subject: string; text: string };
}

/** Writes an invitation, which takes the place of the one before to that address, and mails its link. */
export async function inviteByMail(
  { database, mail, log, publicUrl, now }: Pick<Services, 'database' | 'mail' | 'log' | 'publicUrl' | 'now'>,
  person: SignedIn,
  { check, words, ...invited }: Invited,
): Promise<void> {
  const { from, token } = await database.asPerson(person, async (tx) => {
    await check?.(tx);
    await withdrawInvitation(tx, { email: invited.email });
    const link = { organisationId: person.organisationId, kind: 'invitation' as const, ...invited };
    return {
      token: await addMailedLink(tx, link, invitationMinutes, now()),
      from: await accountById(tx, person.accountId),
    };
  });
  const { subject, text } = words({ name: from?.name ?? '', organisation: from?.organisation ?? '' });
  const invitation = {
    to: invited.email,
    subject,
    text: `${text}\n\nSet your password here within ${invitationDays} days:\n${publicUrl}/join/${token}\n`,
  };
  await sendOrSay({ mail, log }, person.organisationId, invitation);
}

/** Sends a mail; where that fails, whoever asked is told. */
export async function sendOrSay(
  { mail, log }: Pick<Services, 'mail' | 'log'>,
  organisationId: string,
  one: Mail,
): Promise<void> {
  await mail.send(organisationId, one).catch((error: { code?: string }) => {
    log.error({ code: error.code }, 'mail was not sent');
    throw new HttpError(503, 'The mail could not be sent. Look whether the mail server is there, and invite again.');
  });
}
