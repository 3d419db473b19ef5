import type { SportProfile } from './profile';
import handball from './profiles/handball';
import sprintCanoe from './profiles/sprint-canoe';

/** Every sport profile that ships. */
export const sports: readonly SportProfile[] = [handball, sprintCanoe];

/** @example sportById('handball')?.roles.length // 4 */
export function sportById(id: string): SportProfile | undefined {
  return sports.find((sport) => sport.id === id);
}
