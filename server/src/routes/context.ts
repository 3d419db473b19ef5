import type { Context } from 'koa';
import type { Logger } from 'pino';
import type { Database } from '../database/database';
import type { SignedIn } from '../doors/middleware';
import type { FeedReader } from '../feed-reader';
import type { MessageService } from '../stand-ins/message-service';
import type { Sensors } from '../stand-ins/sensors';

/** What routes work with, given once when the server is put together. */
export interface Services {
  database: Database;
  messages: MessageService;
  sensors: Sensors;
  feeds: FeedReader;
  log: Logger;
  now: () => Date;
  /** The day it is, ISO; fixed for demos and tests. */
  today: () => string;
}

/** Who the signed-in coach of a request is. */
export function coachOf(ctx: Context): SignedIn {
  return ctx.state.signedIn as SignedIn;
}
