import { LruCache } from '@tropaeum/core/common/lru-cache';
import type { Brief } from '@tropaeum/core/session/brief/brief';

const maxKept = 4;

/** Gives back what it was given before where that says the same. */
function keeper<T>(): (value: T) => T {
  const lately = new LruCache<T>(maxKept);
  return (value) => lately.of(JSON.stringify(value), () => value);
}

const [athletes, profiles, owns] = [
  keeper<Brief['athlete']>(),
  keeper<NonNullable<Brief['sport']['profile']>>(),
  keeper<NonNullable<Brief['own']>>(),
];

/**
 * What crosses to a worker is a copy every time. Here an athlete, a sport or the club's own exercises that say the same become the same object
 * again, so that what was worked out for them before still holds.
 */
export function canonical(brief: Brief): Brief {
  const { athlete, sport, own } = brief;
  return {
    ...brief,
    athlete: athletes(athlete),
    sport: sport.profile ? { ...sport, profile: profiles(sport.profile) } : sport,
    ...(own ? { own: owns(own) } : {}),
  };
}
