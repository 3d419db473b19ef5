import type { Brief } from '../brief/brief';
import type { Context } from '../context/context';

/** One thing that the coach could change. */
export type RelaxedRule =
  | { kind: 'minutes'; to: number }
  | { kind: 'type' }
  | { kind: 'pin'; variant: string }
  | { kind: 'ban'; variant: string }
  | { kind: 'floor'; at: number };

/** A set of things that together make a session possible, in plain words. */
export interface Resolution {
  words: string;
  gives: readonly RelaxedRule[];
}

export interface Infeasibility {
  reason: string;
  /** A smallest set of things the coach could change. */
  relax: string[];
  /** Smallest sets, the first one as in `relax`, each to be applied at once. */
  ways?: readonly Resolution[];
}

/** The brief after some things have given. */
export function given(brief: Brief, gives: readonly RelaxedRule[]): Brief {
  const { lock } = brief;
  const gone = (kind: 'pin' | 'ban') => new Set(gives.flatMap((g) => (g.kind === kind ? [g.variant] : [])));
  const [pins, bans] = [gone('pin'), gone('ban')];
  const floors = new Set(gives.flatMap((g) => (g.kind === 'floor' ? [g.at] : [])));
  const minutes = gives.find((g) => g.kind === 'minutes');
  const { sessionType, ...untyped } = brief;
  const typed = sessionType && !gives.some((g) => g.kind === 'type') ? { sessionType } : {};
  return {
    ...untyped,
    ...typed,
    minutes: minutes ? minutes.to : brief.minutes,
    lock: {
      ...lock,
      include: lock.include.filter((id) => !pins.has(id)),
      exclude: lock.exclude.filter((id) => !bans.has(id)),
      ...(lock.floors ? { floors: lock.floors.filter((_, at) => !floors.has(at)) } : {}),
    },
  };
}

export const nameOf = ({ catalogue }: Context, id: string): string => catalogue.byId(id)?.name ?? id;

function wordsOf(context: Context, giving: RelaxedRule): string {
  const { brief } = context;
  switch (giving.kind) {
    case 'minutes':
      return `allow ${giving.to} minutes instead of ${brief.minutes}`;
    case 'type':
      return 'choose the session type automatically';
    case 'pin':
      return `unpin ${nameOf(context, giving.variant)}`;
    case 'ban':
      return `allow ${nameOf(context, giving.variant)} again`;
    case 'floor': {
      const floor = brief.lock.floors?.[giving.at];
      return floor && 'block' in floor ? `require fewer than ${floor.least} in ${floor.block}` : 'lower one target';
    }
  }
}

export const pathOf = (giving: RelaxedRule): string => {
  switch (giving.kind) {
    case 'minutes':
      return 'minutes';
    case 'type':
      return 'sessionType';
    case 'pin':
      return `lock.include: ${giving.variant}`;
    case 'ban':
      return `lock.exclude: ${giving.variant}`;
    case 'floor':
      return `lock.floors: ${giving.at}`;
  }
};

const sentence = (parts: readonly string[]) => {
  const text = parts.join(' and ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

export function wayOut(context: Context, gives: readonly RelaxedRule[]): Resolution {
  return { gives, words: sentence(gives.map((g) => wordsOf(context, g))) };
}
