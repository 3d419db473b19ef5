import { PassThrough } from 'node:stream';
import Router from '@koa/router';
import type { Context } from 'koa';
import type { Sensor } from '../simulators/sensors';
import { personOf, type Services } from './context';

/** Streams the readings of a device as server-sent events until the page stops listening. */
function stream(ctx: Context, sensor: Sensor<unknown>): void {
  personOf(ctx);
  const body = new PassThrough();
  const stop = sensor.listen((reading) => body.write(`data: ${JSON.stringify(reading)}\n\n`));
  body.write(': listening\n\n');
  body.on('close', stop);
  ctx.req.on('close', () => body.destroy());
  ctx.compress = false;
  ctx.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
  ctx.body = body;
}

/** Devices at the coach's desk: a hanging scale for bands, a contact mat for jumps. */
export function deviceRoutes({ sensors }: Services): Router {
  const router = new Router({ prefix: '/devices' });
  router.get('/hanging-scale', (ctx) => stream(ctx, sensors.scale));
  router.get('/contact-mat', (ctx) => stream(ctx, sensors.mat));
  return router;
}
