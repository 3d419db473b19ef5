import { consentVersion, consentWording } from '@tropaeum/core/people/consent';
import type { Role } from '@tropaeum/core/people/permissions';
import { and, eq } from 'drizzle-orm';
import type { Transaction } from '../database/database';
import * as schema from '../database/schema';
import { addAccount } from '../store/accounts';
import { giveConsent } from '../store/consents';

/** The password of everybody of the demo. */
export const demoPassword = 'hall closed';

/** Who signs in beside the coach, and for whom. */
const others: readonly { email: string; name: string; role: Role; athletes: readonly string[] }[] = [
  { email: 'physio@skarvoy.example', name: 'Runa Eik', role: 'physio', athletes: ['Mira Holm', 'Liv Strand'] },
  { email: 'guardian@skarvoy.example', name: 'Kari Fjell', role: 'guardian', athletes: ['Nora Fjell'] },
  { email: 'guardian.sund@skarvoy.example', name: 'Jon Sund', role: 'guardian', athletes: ['Ylva Sund'] },
  { email: 'guardian.moe@skarvoy.example', name: 'Berit Moe', role: 'guardian', athletes: ['Signe Moe'] },
  { email: 'athlete@skarvoy.example', name: 'Tove Aas', role: 'athlete', athletes: ['Tove Aas'] },
];

/** A physio, guardians with their consent, and an athlete with a sign-in of her own. */
export async function laySignIns(
  tx: Transaction,
  organisationId: string,
  club: string,
  passwordHash: string,
): Promise<void> {
  const rows = await tx.select({ id: schema.athletes.id, name: schema.athletes.name }).from(schema.athletes);
  const idOf = (name: string) => rows.find((row) => row.name === name)?.id ?? '';
  for (const { athletes, ...person } of others) {
    const athleteIds = athletes.map(idOf);
    const id = await addAccount(tx, { ...person, organisationId, passwordHash, squadIds: [], athleteIds });
    if (person.role === 'guardian')
      for (const athlete of athletes)
        await giveConsent(tx, {
          ...{ organisationId, athleteId: idOf(athlete), version: consentVersion },
          wording: consentWording({ athlete, club }).join('\n'),
          ...{ givenBy: id, givenName: person.name },
        });
    if (person.role === 'physio')
      await tx
        .update(schema.restrictions)
        .set({
          physioId: id,
          criteria:
            'Ten single-leg squats to a chair without the knee falling in, no swelling the next morning, on two days.',
        })
        .where(
          and(eq(schema.restrictions.setBy, 'physiotherapist'), eq(schema.restrictions.athleteId, idOf('Mira Holm'))),
        );
  }
}
