import { guardianNotices } from '../progress/guardian-notice';
import type { DeskAthlete, DeskSession } from './desk-athlete';

const words = {
  told: 'Guardian told by mail',
  waiting: 'The mail to the guardian has not gone yet',
  none: 'Guardian not told by mail: ring home today',
} as const;

/** Whether a minor's guardian knows of a session that has to be told at home; nothing where nothing has to. */
export function guardianWords({ minor }: Pick<DeskAthlete, 'minor'>, session: DeskSession): string | undefined {
  const { report, readiness, guardian = 'none' } = session;
  if (!minor) return undefined;
  const notices = guardianNotices({
    ...(readiness?.pain ? { before: readiness.pain } : {}),
    ...(report ? { during: report.pain, morning: report.morning ?? null, note: report.note ?? null } : {}),
  });
  return notices.length > 0 ? words[guardian] : undefined;
}
