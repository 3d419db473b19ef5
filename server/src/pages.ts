import { readFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import type { Middleware } from 'koa';
import send from 'koa-send';
import type { FirstWords } from './first-words';

/** The solver's worker compiles WebAssembly; no other page may. */
const workerPolicy = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";
/** The athlete's page is one of its own, and light. */
const athletes = /^\/a(\/|$)/;
/** A link that was given out: what stands behind it is asked for beside the scripts, not after them. */
const athletesLink = /^\/a\/([\w-]{20,100})$/;
const oneYear = 365 * 86_400_000;

/** What stands where words of a session may stand; the build keeps it as it is. */
const opening = '<p>Opening …</p>';

/** Serves the built interface: files with a hash in the name for ever, everything else as one of the two pages. */
export function servePages(folder: string, firstWords: FirstWords): Middleware {
  return async (ctx, next) => {
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') return next();
    if (ctx.path.startsWith('/api/')) return next();
    const isAsset = ctx.path.startsWith('/assets/');
    const isFile = /\.[a-z0-9]+$/i.test(basename(ctx.path));
    if (!isFile) {
      const token = athletesLink.exec(ctx.path)?.[1];
      if (token) ctx.set('link', `</api/link/${token}>; rel=preload; as=fetch; crossorigin`);
      const words = token && (await firstWords(ctx, token));
      if (words) {
        ctx.set('cache-control', 'no-store');
        ctx.type = 'html';
        ctx.body = (await readFile(join(folder, 'phone.html'), 'utf8')).replace(opening, () => words);
        return;
      }
      await send(ctx, athletes.test(ctx.path) ? 'phone.html' : 'index.html', { root: folder, maxAge: 0 });
      ctx.set('cache-control', 'no-cache');
      return;
    }
    await send(ctx, ctx.path, { root: folder, maxage: isAsset ? oneYear : 0, immutable: isAsset });
    if (/^\/assets\/compose\.worker-/.test(ctx.path)) ctx.set('content-security-policy', workerPolicy);
  };
}
