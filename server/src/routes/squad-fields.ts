import { sportById } from '@tropaeum/core/sport/sports';
import * as yup from 'yup';
import type { Transaction } from '../database/database';
import { HttpError, validationFailed } from '../middleware/http-error';
import { uuid } from '../middleware/validated';
import { addSquad, type PlayedSport, squadById } from '../store/athletes';
import { clubSport } from '../store/sports';

/** A squad begins with its first athlete: both are there, or neither. */
async function beginSquad(
  tx: Transaction,
  organisationId: string,
  { name, sportId }: { name: string; sportId: string },
): Promise<string> {
  const club = await clubSport(tx, sportId);
  if (!sportById(sportId) && (!club || club.removed))
    throw validationFailed([{ path: 'newSquad.sportId', message: `"${sportId}" is not a sport here` }]);
  return addSquad(tx, organisationId, name.trim(), sportId);
}

export async function sportOf(tx: Transaction, squadId: string): Promise<PlayedSport> {
  const squad = await squadById(tx, squadId);
  if (!squad) throw validationFailed([{ path: 'squadId', message: 'is not a squad of yours' }]);
  const club = await clubSport(tx, squad.sportId);
  return { id: squad.sportId, ...(club ? { profile: club.profile } : {}) };
}

/** The squad that is meant, or one that begins. */
export const squadFields = {
  squadId: uuid.when('newSquad', ([begun], one) => (begun === undefined ? one.required('is required') : one)),
  newSquad: yup
    .object({
      name: yup.string().trim().required('is required').max(80, 'must be 80 characters or fewer'),
      sportId: yup.string().required('is required'),
    })
    .default(undefined),
};
export interface SquadBody {
  squadId?: string;
  newSquad?: { name: string; sportId: string };
}

/** Runs something whose faults are of one part of the body, and names them so. */
export async function faultsAt<T>(path: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof HttpError) || error.faults.length === 0) throw error;
    throw validationFailed(error.faults.map((fault) => ({ ...fault, path: `${path}.${fault.path}` })));
  }
}

/** The squad that a body means, begun where it says so, and what it plays. */
export async function squadMeant(
  tx: Transaction,
  organisationId: string,
  { newSquad, squadId }: SquadBody,
): Promise<{ id: string; sport: PlayedSport }> {
  const id = newSquad ? await beginSquad(tx, organisationId, newSquad) : (squadId as string);
  return { id, sport: await sportOf(tx, id) };
}
