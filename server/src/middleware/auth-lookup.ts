import type { Context } from 'koa';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import type { Database } from '../database/database';
import { HttpError } from './http-error';
import { count } from './limits';
import { tokenOf } from './sign-in-cookie';
import { tokenHash } from './tokens';

/** Whose link it is. */
export type LinkHolder = { organisation_id: string; athlete_id: string };

const closedWords: Readonly<Record<string, string>> = {
  newer: 'A newer link has taken the place of this one. Open the latest message of your coach.',
  coach: 'Your coach has ended this link; ask for a new one.',
  age: 'This link is too old; ask your coach for a new one.',
};

/** Names the link as what is not right, so that a phone keeps its sets for the next one. */
const linkProblem = (status: number, words: string) => new HttpError(status, words, [{ path: 'link', message: words }]);

/** In place of a link's token: the athlete who is signed in. */
const ownLink = /^me\.([0-9a-f-]{36})$/;

/** The door of athletes: how often a link may call, and the words for one that opens nothing. */
export class AuthLookup {
  private readonly calls: RateLimiterMemory;
  /** Tries with links that are none, by address: nobody types one by chance. */
  private readonly strangers = new RateLimiterMemory({ points: 60, duration: 60 });

  constructor(
    private readonly database: Database,
    perMinute: number,
    private readonly publicUrl: string,
  ) {
    this.calls = new RateLimiterMemory({ points: perMinute, duration: 60 });
  }

  /**
   * Counts a call of the link in the address; its hash. An athlete who is signed in comes by `me.` and the own id: the sign-in opens what a link
   * would, and sets that wait on a phone on which somebody else has signed in since are not taken for theirs.
   */
  async hashOf(ctx: Context, token: string = ctx.params.token): Promise<string> {
    const own = ownLink.exec(token)?.[1];
    const hash = tokenHash(own ? (tokenOf(ctx, this.publicUrl) ?? '') : token);
    await count(this.calls, hash);
    if (own && (await this.database.door<LinkHolder>('door_link', hash))?.athlete_id !== own) {
      await count(this.strangers, ctx.ip);
      throw linkProblem(401, 'Please sign in again.');
    }
    return hash;
  }

  async holder(ctx: Context, token?: string): Promise<LinkHolder> {
    return this.holderOf(ctx, await this.hashOf(ctx, token));
  }

  /** The same of a link that was counted already. */
  async holderOf(ctx: Context, hash: string): Promise<LinkHolder> {
    return (await this.database.door<LinkHolder>('door_link', hash)) ?? this.refuse(ctx, hash);
  }

  /** Says why a link opens nothing: 410 for one that did, 404 for one that never was. */
  async refuse(ctx: Context, hash: string): Promise<never> {
    const closed = await this.database.door<{ closed_by: string }>('door_closed_link', hash);
    if (closed) throw linkProblem(410, closedWords[closed.closed_by] ?? (closedWords.age as string));
    await count(this.strangers, ctx.ip);
    throw linkProblem(
      404,
      'This link is not valid. Check that the address is complete, or ask your coach for a new one.',
    );
  }
}
