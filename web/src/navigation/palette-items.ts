import type { Squads } from '../api/types';
import type { Shown } from '../library/use-library';
import type { Place } from './places';

export interface PaletteItem {
  id: string;
  name: string;
  /** What kind of thing it is, or where it belongs. */
  about: string;
  /** Where it leads, or what it does. */
  to?: string;
  act?: () => void;
}

/** As it is typed without the marks of letters: "Vestoy" finds "Vestøy". */
export const folded = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/ø/g, 'o').replace(/æ/g, 'ae').replace(/đ/g, 'd');

/** Every word typed begins a word of the name; names that begin with what was typed come first. */
export function matching(items: readonly PaletteItem[], typed: string): PaletteItem[] {
  const words = folded(typed).split(/\s+/).filter(Boolean);
  if (words.length === 0) return [...items];
  const found = items.filter(({ name, about }) => {
    const parts = folded(`${name} ${about}`).split(/[^a-z0-9]+/);
    return words.every((word) => parts.some((part) => part.startsWith(word)));
  });
  const first = words.join(' ');
  const rank = ({ name }: PaletteItem) => (folded(name).startsWith(first) ? 0 : 1);
  return found.sort((a, b) => rank(a) - rank(b));
}

export function athleteItems({ athletes, squads }: Squads): PaletteItem[] {
  const squadOf = new Map(squads.map((squad) => [squad.id, squad.name]));
  return athletes.map(({ id, name, squadId }) => ({
    id: `athlete-${id}`,
    name,
    about: squadOf.get(squadId) ?? '',
    to: `/athletes/${id}`,
  }));
}

export const placeItems = (places: readonly Place[]): PaletteItem[] =>
  places.map(({ name, to, key }) => ({ id: `place-${name}`, name, about: `place · g ${key}`, to }));

export const exerciseItem = ({ variant }: Shown): PaletteItem => ({
  id: `exercise-${variant.id}`,
  name: variant.name,
  about: 'exercise',
  to: `/library/${variant.id}`,
});
