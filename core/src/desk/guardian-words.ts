import { guardianNotices } from '../progress/guardian-notice';
import type { DeskAthlete, DeskSession } from './desk-athlete';

const words = {
  told: 'Guardian told by mail',
  waiting: 'The mail to the guardian has not gone yet',
  none: 'Guardian not told by mail: ring home today',
} as const;

/** Whether a minor's guardian knows of a session that has to be told at home; nothing where nothing has to. */
export function guardianWords({ minor }: Pick<DeskAthlete, 'minor'>, session: DeskSession): string | undefined {
  return minor && guardianNotices(session).length > 0 ? words[session.guardian ?? 'none'] : undefined;
}
