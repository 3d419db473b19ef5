import { createServer } from 'node:http';
import pino from 'pino';
import { createApp } from './app';
import { configFrom } from './config';
import { Database } from './database/database';
import { networkFeedReader } from './feed-reader';
import { readFeedsAgain } from './feeds-again';
import type { Services } from './routes/context';
import { immediateMessageService } from './stand-ins/message-service';
import { standInSensors } from './stand-ins/sensors';

const config = configFrom(process.env);
const log = pino({ level: config.logLevel });
const now = () => new Date();
const database = new Database(config.databaseUrl);
const services: Services = {
  database,
  messages: immediateMessageService(now),
  sensors: standInSensors(),
  feeds: networkFeedReader({ allowed: config.feedsAllowed }),
  log,
  now,
  today: () => config.today ?? now().toISOString().slice(0, 10),
};
const app = createApp(services, config.webFolder);
const server = createServer(app.callback());
const stopReading = readFeedsAgain(services);

server.listen(config.port, config.host, () => process.send?.('listening'));

function stop() {
  stopReading();
  server.close(() => void database.close().then(() => process.exit(0)));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);
