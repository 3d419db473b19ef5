import { createECDH, type ECDH, randomBytes } from 'node:crypto';
import { decrypt } from 'http_ece';
import type { Carrier, PushTarget } from '../push/push-service';

/** How the stand-in answers for a phone. */
export type PhoneMood = 'there' | 'gone' | 'busy' | 'refusing';
const statusOf: Record<PhoneMood, number> = { there: 201, gone: 410, busy: 429, refusing: 403 };

interface StandInPhone {
  mood: PhoneMood;
  ecdh: ECDH;
  auth: Buffer;
  /** What has come, decrypted as a phone would, the latest first. */
  came: { text: string; at: string }[];
}

/** So many reminders of a phone are kept to be looked at, and so many phones. */
const [keptMessages, keptPhones] = [50, 1000];

/** A push service with its phones, as it ships with the program: it takes what a maker's would take, and can open it, since it has the phones' keys. */
export class PushSimulator {
  private readonly phones = new Map<string, StandInPhone>();

  constructor(
    private readonly base: string,
    private readonly now: () => Date,
  ) {}

  /** A phone that has said yes to reminders. */
  subscribe(): PushTarget {
    const ecdh = createECDH('prime256v1');
    ecdh.generateKeys();
    const [id, auth] = [randomBytes(16).toString('hex'), randomBytes(16)];
    this.phones.set(id, { mood: 'there', ecdh, auth, came: [] });
    const oldest = this.phones.keys().next().value;
    if (this.phones.size > keptPhones && oldest) this.phones.delete(oldest);
    return {
      endpoint: `${this.base}/${id}`,
      keys: { p256dh: ecdh.getPublicKey().toString('base64url'), auth: auth.toString('base64url') },
    };
  }

  private phoneAt(endpoint: string): StandInPhone | undefined {
    return this.phones.get(endpoint.slice(endpoint.lastIndexOf('/') + 1));
  }

  setMood(endpoint: string, mood: PhoneMood): void {
    const phone = this.phoneAt(endpoint);
    if (phone) phone.mood = mood;
  }

  /** What has come to a phone; nothing where it is none of ours. */
  cameTo(endpoint: string): readonly { text: string; at: string }[] {
    return this.phoneAt(endpoint)?.came ?? [];
  }

  /** Carries straight to the phones, past any network. */
  readonly carry: Carrier = async (url, _, headers, body) =>
    this.receive(url.pathname.slice(url.pathname.lastIndexOf('/') + 1), `${headers.Authorization ?? ''}`, body);

  /** What a push service does with a call: the status it answers with. */
  receive(id: string, authorization: string | undefined, body: Buffer): number {
    const phone = this.phones.get(id);
    if (!phone) return 404;
    if (phone.mood !== 'there') return statusOf[phone.mood];
    if (!/^(vapid t=|WebPush )/.test(authorization ?? '')) return 401;
    try {
      const open = decrypt(body, {
        version: 'aes128gcm',
        privateKey: phone.ecdh,
        authSecret: phone.auth.toString('base64url'),
      });
      phone.came = [{ text: open.toString('utf8'), at: this.now().toISOString() }, ...phone.came].slice(
        0,
        keptMessages,
      );
      return 201;
    } catch {
      return 400;
    }
  }
}

/** What has come to the phones of a club, the latest first, as Messages shows it. */
export function remindersShown(simulator: PushSimulator, phones: readonly { name: string; endpoint: string }[]) {
  return phones
    .flatMap(({ name, endpoint }) =>
      simulator
        .cameTo(endpoint)
        .map(({ text, at }) => ({ to: name, text: (JSON.parse(text) as { text: string }).text, at })),
    )
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, keptMessages);
}
