import { createServer } from 'node:http';
import pino from 'pino';
import { createApp } from './app';
import { configFrom } from './config';
import { Database } from './database/database';
import { networkFeedReader } from './feeds/feed-reader';
import { refreshFeeds } from './jobs/feed-refresh';
import { tellGuardiansRepeatedly } from './jobs/guardian-mail';
import { purgeRepeatedly } from './jobs/purge';
import { remindRepeatedly } from './jobs/reminders';
import { overNetwork, pushService } from './push/push-service';
import { simulatedPush } from './push/simulated-push';
import type { Services } from './routes/context';
import { simulatedMail, smtpMail } from './simulators/mail-service';
import { immediateMessageService } from './simulators/message-service';
import { simulatedSensors } from './simulators/sensors';
import { pushKeysOf } from './store/push';

const config = configFrom(process.env);
const log = pino({ level: config.logLevel });
const now = () => new Date();
const database = new Database(config.databaseUrl);
let stopping = false;

/** Real push services where somebody is named to answer for it; else the stand-in. */
const { pushSubject: subject } = config;
const reminding: Pick<Services, 'push' | 'pushSimulator'> = subject
  ? { push: pushService({ keys: pushKeysOf(database), subject, carry: overNetwork() }) }
  : simulatedPush(database, now);
const services: Services = {
  database,
  messages: immediateMessageService(now),
  mail: config.smtp ? smtpMail(config.smtp.url, config.smtp.from) : simulatedMail(now),
  ...reminding,
  sensors: simulatedSensors(),
  feeds: networkFeedReader({ allowed: config.feedsAllowed }),
  log,
  publicUrl: config.publicUrl,
  proxies: config.proxies,
  signUp: config.signUp,
  linkRate: config.linkRate,
  now,
  today: () => config.today ?? now().toISOString().slice(0, 10),
  isStopping: () => stopping,
};
const app = createApp(services, config.webFolder);
const server = createServer(app.callback());
const jobs = [refreshFeeds, purgeRepeatedly, remindRepeatedly, tellGuardiansRepeatedly];
const ends = jobs.map((begin) => begin(services));

server.listen(config.port, config.host, () => process.send?.('listening'));
server.on('error', (error: NodeJS.ErrnoException) => {
  log.fatal({ code: error.code }, 'cannot listen');
  process.exit(1);
});

/** How long what is under way may take to end, ms; then it is cut. */
const lastCallsMs = 5000;

/** Takes nothing new, lets what is under way come to its end, and goes; asked twice, at once. */
function stop() {
  if (stopping) process.exit(1);
  stopping = true;
  for (const end of ends) end();
  server.close(() => void Promise.all([database.close(), services.feeds.close()]).then(() => process.exit(0)));
  server.closeIdleConnections();
  setTimeout(() => {
    server.closeAllConnections();
    setTimeout(() => process.exit(0), 1000).unref();
  }, lastCallsMs).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);
