import type { Context } from 'koa';

/** Hands out a file under a name in any letters; for those who read plain ones only, under another. */
export function attach(ctx: Pick<Context, 'attachment'>, name: string, ending: string): void {
  ctx.attachment(`${name}.${ending}`, { fallback: `export.${ending}` });
}
