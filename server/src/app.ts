import { bodyParser } from '@koa/bodyparser';
import Router from '@koa/router';
import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import { firstWords } from './first-words';
import {
  answerErrors,
  noted,
  notKept,
  packedWhereAsked,
  sameOrigin,
  signedIn,
  soundInput,
  unpackedBody,
} from './middleware/middleware';
import { servePages } from './pages';
import { accountRoutes } from './routes/account';
import { athleteLinkRoutes } from './routes/athlete-link';
import { athleteRoutes } from './routes/athletes';
import { calendarRoutes } from './routes/calendars';
import { careRoutes } from './routes/care';
import { clubRoutes, signUpRoutes } from './routes/club';
import type { Services } from './routes/context';
import { deskRoutes } from './routes/desk';
import { deviceRoutes } from './routes/devices';
import { familyRoutes } from './routes/family';
import { hallRoutes } from './routes/hall';
import { libraryRoutes } from './routes/library';
import { linkReminderRoutes } from './routes/link-reminders';
import { mailedLinkRoutes } from './routes/mailed-links';
import { newAthleteRoutes } from './routes/new-athletes';
import { peopleRoutes } from './routes/people';
import { guarded } from './routes/permissions';
import { privacyRoutes } from './routes/privacy';
import { seasonRoutes } from './routes/seasons';
import { sessionRoutes } from './routes/sessions';
import { signInRoutes } from './routes/sign-in';
import { sportRoutes } from './routes/sports';
import { squadWeekRoutes } from './routes/squad-weeks';
import { squadRoutes } from './routes/squads';
import { templateRoutes } from './routes/templates';
import { leagueFeedRoutes } from './simulators/league-feed';

const contentPolicy = {
  defaultSrc: ["'none'"],
  scriptSrc: ["'self'"],
  workerSrc: ["'self'"],
  connectSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  mediaSrc: ["'self'"],
  styleSrc: ["'self'"],
  manifestSrc: ["'self'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
  baseUri: ["'none'"],
};

/** Every route of the interface for programs, people's ones behind the sign-in. */
export function apiRouter(services: Services): Router {
  const api = new Router({ prefix: '/api' });
  const open = [
    signInRoutes(services),
    mailedLinkRoutes(services),
    signUpRoutes(services),
    athleteLinkRoutes(services),
    linkReminderRoutes(services),
    calendarRoutes(services),
    leagueFeedRoutes(services.today),
  ];
  const closed = [
    accountRoutes(services),
    clubRoutes(services),
    peopleRoutes(services),
    squadRoutes(services),
    athleteRoutes(services),
    newAthleteRoutes(services),
    careRoutes(services),
    familyRoutes(services),
    privacyRoutes(services),
    sessionRoutes(services),
    deskRoutes(services),
    squadWeekRoutes(services),
    hallRoutes(services),
    libraryRoutes(services),
    sportRoutes(services),
    seasonRoutes(services),
    templateRoutes(services),
    deviceRoutes(services),
  ];
  api.use(healthRoutes(services).routes());
  for (const router of open) api.use(router.routes());
  const inside = new Router();
  inside.use(signedIn(services.database, services.publicUrl));
  for (const router of closed) inside.use(guarded(router, services.database).routes());
  api.use(inside.routes());
  return api;
}

/** Whether the server lives, and whether it can serve: it cannot while the database is away, and will not once it is being stopped. */
function healthRoutes({ database, isStopping }: Services): Router {
  const router = new Router();
  router.get('/alive', (ctx) => {
    ctx.body = { alive: true };
  });
  router.get('/ready', async (ctx) => {
    const ready = !isStopping() && (await database.answers());
    ctx.status = ready ? 200 : 503;
    ctx.body = { ready };
  });
  return router;
}

const goneAway = new Set(['ECONNRESET', 'EPIPE', 'ERR_STREAM_PREMATURE_CLOSE']);

/** The whole server, ready to listen. */
export function createApp(services: Services, webFolder?: string): Koa {
  const app = new Koa();
  app.on('error', (error: NodeJS.ErrnoException) => {
    // Who goes away in the middle of an answer is no fault of ours.
    const level = goneAway.has(error.code ?? '') ? 'debug' : 'error';
    services.log[level]({ code: error.code, kind: error.constructor.name }, 'answer broke off');
  });
  if (services.proxies > 0) {
    app.proxy = true;
    app.maxIpsCount = services.proxies;
  }
  app.use(noted(services.log));
  app.use(answerErrors);
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: contentPolicy },
      // Where the public address is an encrypted one, browsers are told to come by no other.
      strictTransportSecurity: services.publicUrl.startsWith('https:') ? { maxAge: 31_536_000 } : false,
      crossOriginEmbedderPolicy: false,
    }),
  );
  app.use(notKept);
  app.use(packedWhereAsked);
  app.use(compress({ threshold: 1024, br: false }));
  app.use(sameOrigin(services.publicUrl));
  app.use(unpackedBody);
  app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '512kb' }));
  app.use(soundInput);
  const api = apiRouter(services);
  app.use(api.routes());
  if (webFolder) app.use(servePages(webFolder, firstWords(services)));
  return app;
}
