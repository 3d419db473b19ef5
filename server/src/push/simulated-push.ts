import type { Database } from '../database/database';
import type { Services } from '../routes/context';
import { PushSimulator } from '../simulators/push-simulator';
import { pushKeysOf } from '../store/push';
import { pushService } from './push-service';

/** Reminders that go out to the stand-in: encrypted and signed as real ones, carried past any network. */
export function simulatedPush(database: Database, now: () => Date): Required<Pick<Services, 'push' | 'pushSimulator'>> {
  const pushSimulator = new PushSimulator('https://phones.tropaeum.example', now);
  const { carry } = pushSimulator;
  const push = pushService({ keys: pushKeysOf(database), subject: 'mailto:nobody@tropaeum.example', carry });
  return { push, pushSimulator };
}
