import type { Context } from 'koa';
import type { Logger } from 'pino';
import type { Database } from '../database/database';
import type { FeedReader } from '../feeds/feed-reader';
import type { SignedIn } from '../middleware/middleware';
import type { PushService } from '../push/push-service';
import type { MailService } from '../simulators/mail-service';
import type { MessageService } from '../simulators/message-service';
import type { PushSimulator } from '../simulators/push-simulator';
import type { Sensors } from '../simulators/sensors';

/** What routes work with, given once when the server is put together. */
export interface Services {
  database: Database;
  messages: MessageService;
  mail: MailService;
  push: PushService;
  /** The push service that ships with the program, where reminders do not really go out. */
  pushSimulator?: PushSimulator;
  sensors: Sensors;
  feeds: FeedReader;
  log: Logger;
  /** Where people reach this server: every link that is made begins so. */
  publicUrl: string;
  /** How many proxies of ours stand in front. */
  proxies: number;
  /** Whether clubs may found themselves here. */
  signUp: boolean;
  /** How many calls a minute one link may make. */
  linkRate: number;
  now: () => Date;
  /** The day it is, ISO; fixed for demos and tests. */
  today: () => string;
  /** Whether the server is on its way out. */
  isStopping: () => boolean;
}

/** Who the signed-in person of a request is. */
export function personOf(ctx: Context): SignedIn {
  return ctx.state.signedIn as SignedIn;
}
