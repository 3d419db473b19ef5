import type { Variant } from '../exercise/model/variant';
import type { Anchor } from '../exercise/model/vocabulary';
import type { Kit } from './kit';
import { describeItem, isMadeOf } from './kit-words';

const anchorWords: Record<Anchor, string> = {
  'door-low': 'door anchor at the ankle',
  'door-mid': 'door anchor at the chest',
  'door-high': 'door anchor overhead',
  post: 'solid post',
  feet: 'something heavy over the feet',
  partner: 'a partner',
};

/**
 * Everything of a kit that an exercise takes, in words: its load first, then what it stands on, holds or is fixed to.
 *
 * @example thingsOf(rearFootRaisedSplitSquat, kit, '2 dumbbells 7.5 kg') // ['2 dumbbells 7.5 kg', 'chair']
 */
export function thingsOf({ needs }: Variant, kit: Kit, loadWith?: string): string[] {
  const things = loadWith ? [loadWith] : [];
  for (const any of needs.kit) {
    if (loadWith && any.some((kind) => isMadeOf(loadWith, kind))) continue;
    const item = kit.items.find((i) => any.includes(i.kind));
    if (item) things.push(describeItem(item));
    else if (any.includes('stairs') && kit.room.stairs) things.push('stairs');
  }
  const anchor = needs.anchors.find((a) => kit.anchors.includes(a) || (a === 'partner' && kit.partner));
  if (anchor) things.push(anchorWords[anchor]);
  if (needs.partner) things.push('a partner');
  if (needs.wall) things.push('free wall');
  return [...new Set(things)];
}

const pair = /^2 (.+)s ([\d.]+ kg)$/;

/**
 * What has to be laid out for a whole session, each thing once: who has laid out two dumbbells has laid out one.
 *
 * @example laidOut([['2 dumbbells 7.5 kg'], ['dumbbell 7.5 kg', 'chair']]) // ['2 dumbbells 7.5 kg', 'chair']
 */
export function laidOut(items: readonly (readonly string[])[]): string[] {
  const all = [...new Set(items.flat())];
  const singles = new Set(
    all.flatMap((thing) => {
      const match = pair.exec(thing);
      return match ? [`${match[1]} ${match[2]}`] : [];
    }),
  );
  return all.filter((thing) => !singles.has(thing));
}
