import type { KitKind } from '../exercise/model/vocabulary';
import type { KitItem } from './kit';
import { massOf } from './mass';

/** A kind of the vocabulary as it is said. @example kindName('paint-tin') // 'paint tin' */
export const kindName = (kind: KitKind) => kind.replaceAll('-', ' ');

/** Whether a thing of this kind is named in what a load is made of. @example isMadeOf('2 bottles 1.5 kg', 'bottle') // true */
export const isMadeOf = (withWords: string, kind: string): boolean =>
  new RegExp(`\\b${kind.replaceAll('-', ' ')}s?\\b`).test(withWords);

/** How one thing is called on the sheet. @example describeItem({ kind: 'bottle', volumeL: 5 }) // 'bottle 5.15 kg' */
export function describeItem(item: KitItem): string {
  const mass = massOf(item);
  if (item.upToKg !== undefined) return `${kindName(item.kind)} up to ${mass} kg`;
  if (item.level) return `${kindName(item.kind)} ${item.level}`;
  return mass ? `${kindName(item.kind)} ${mass} kg` : kindName(item.kind);
}
