import type { Context } from 'koa';

/** Whether people come by an encrypted connection: then the cookie goes by no other, and its name says that this host alone has set it. */
const isSecure = (publicUrl: string) => publicUrl.startsWith('https:');
const nameFor = (publicUrl: string) => (isSecure(publicUrl) ? '__Host-tropaeum_sign_in' : 'tropaeum_sign_in');

export const tokenOf = (ctx: Context, publicUrl: string): string | undefined => ctx.cookies.get(nameFor(publicUrl));

export function giveCookie(ctx: Context, publicUrl: string, token: string, expires: Date): void {
  set(ctx, publicUrl, token, expires);
}

export function endCookie(ctx: Context, publicUrl: string): void {
  set(ctx, publicUrl, '', new Date(0));
}

function set(ctx: Context, publicUrl: string, value: string, expires: Date): void {
  const secure = isSecure(publicUrl);
  // The proxy in front ends the encryption; what reaches this process does not say that it was there.
  ctx.cookies.secure = secure;
  ctx.cookies.set(nameFor(publicUrl), value, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    secure,
    expires,
    overwrite: true,
  });
}
