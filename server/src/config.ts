/** Everything the server is told from outside. */
export interface Config {
  databaseUrl: string;
  port: number;
  host: string;
  /** Folder of the built interface; left out in development. */
  webFolder?: string;
  /** A fixed day for demos and tests instead of the clock's. */
  today?: string;
  logLevel: string;
  /** Hosts whose calendars may be read although they are not public, such as a simulator beside the server. */
  feedsAllowed: string[];
}

/** Reads the configuration from environment variables; throws naming the one that is missing. */
export function configFrom(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env.TROPAEUM_DATABASE_URL;
  if (!databaseUrl) throw new Error('TROPAEUM_DATABASE_URL is not set');
  return {
    databaseUrl,
    port: Number(env.TROPAEUM_PORT ?? 4180),
    host: env.TROPAEUM_HOST ?? '127.0.0.1',
    ...(env.TROPAEUM_WEB_FOLDER ? { webFolder: env.TROPAEUM_WEB_FOLDER } : {}),
    ...(env.TROPAEUM_TODAY ? { today: env.TROPAEUM_TODAY } : {}),
    logLevel: env.TROPAEUM_LOG ?? 'info',
    feedsAllowed: (env.TROPAEUM_FEEDS_ALLOWED ?? '').split(',').filter(Boolean),
  };
}
