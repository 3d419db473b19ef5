import type { Dose } from '../../dose/dose';
import { setSeconds } from '../../dose/time';
import type { Catalogue } from '../../exercise/catalogue/catalogue';
import type { BlockKind } from '../../exercise/model/vocabulary';
import type { Choice, Draft, Group } from '../draft/draft';
import { paired } from '../scoring/scored-group';

/** Place of an item in a draft. */
export interface ItemPlace {
  group: number;
  choice: number;
}

const withGroup = (draft: Draft, index: number, change: (group: Group) => Group | undefined): Draft => ({
  groups: draft.groups.flatMap((group, g) => {
    if (g !== index) return [group];
    const changed = change(group);
    return changed ? [changed] : [];
  }),
});

function withChoice(draft: Draft, at: ItemPlace, change: (choice: Choice) => Choice): Draft {
  return withGroup(draft, at.group, (group) => ({
    ...group,
    choices: group.choices.map((c, i) => (i === at.choice ? change(c) : c)),
  }));
}

/** The item at a place, or undefined. */
export function choiceAt(draft: Draft, at: ItemPlace): Choice | undefined {
  return draft.groups[at.group]?.choices[at.choice];
}

/** Gives an item another dose; in a pair or circuit all items take its number of sets. */
export function setDose(draft: Draft, at: ItemPlace, dose: Dose): Draft {
  return withGroup(draft, at.group, (group) => ({
    ...group,
    choices: group.choices.map((c, i) =>
      i === at.choice
        ? { ...c, dose }
        : { ...c, dose: { ...c.dose, sets: group.choices.length > 1 ? dose.sets : c.dose.sets } },
    ),
  }));
}

/** Puts another item in the place of one. */
export function swap(draft: Draft, at: ItemPlace, choice: Choice): Draft {
  return withChoice(draft, at, () => choice);
}

/** Pins an item, or lets it go. */
export function pin(draft: Draft, at: ItemPlace, pinned: boolean): Draft {
  return withChoice(draft, at, (c) => ({ ...c, pinned }));
}

/** A note for the athlete beside an item; an empty one takes it away. */
export function note(draft: Draft, at: ItemPlace, text: string): Draft {
  return withChoice(draft, at, ({ note: _, ...choice }) => (text.trim() ? { ...choice, note: text.trim() } : choice));
}

/** Another rest after every round of a pair or circuit, seconds. */
export function restAfterRound(draft: Draft, index: number, seconds: number): Draft {
  return withGroup(draft, index, (group) =>
    group.choices.length > 1 ? { ...group, roundRestSeconds: Math.max(0, Math.round(seconds)) } : group,
  );
}

/** Rest that an item gets back when its partner goes, seconds; common practice, no source. */
const restAlone = 45;

/** Takes an item out; what was paired with it stands alone and rests on its own again. */
export function remove(draft: Draft, at: ItemPlace): Draft {
  return withGroup(draft, at.group, (group) => {
    const left = group.choices.filter((_, i) => i !== at.choice);
    if (left.length === 0) return undefined;
    if (left.length > 1) return { ...group, choices: left };
    const [only] = left as [Choice];
    return {
      block: group.block,
      format: 'straight',
      roundRestSeconds: 0,
      choices: [{ ...only, dose: { ...only.dose, restSeconds: restAlone } }],
    };
  });
}

/**
 * Moves a group to where another one stands: inside its block, or into the other's block where all of its items may stand there. Unchanged where
 * they may not.
 *
 * @example moveGroup(draft, 1, 1, catalogue).groups.length === draft.groups.length // true
 */
export function moveGroup(draft: Draft, from: number, to: number, catalogue?: Pick<Catalogue, 'byId'>): Draft {
  const [moving, target] = [draft.groups[from], draft.groups[to]];
  if (!moving || !target) return draft;
  const { block } = target;
  const mayStand = ({ variant }: Choice) => catalogue?.byId(variant)?.blocks.includes(block) ?? false;
  if (block !== moving.block && !moving.choices.every(mayStand)) return draft;
  const rest = draft.groups.filter((_, g) => g !== from);
  return { groups: [...rest.slice(0, to), { ...moving, block }, ...rest.slice(to)] };
}

/** Adds an item at the end of its block, or where that block belongs. */
export function add(draft: Draft, block: BlockKind, choice: Choice, order: readonly BlockKind[]): Draft {
  const after = draft.groups.findLastIndex((g) => order.indexOf(g.block) <= order.indexOf(block));
  const group: Group = { block, format: 'straight', roundRestSeconds: 0, choices: [choice] };
  return { groups: [...draft.groups.slice(0, after + 1), group, ...draft.groups.slice(after + 1)] };
}

/** Takes a pair apart: both rest on their own again. */
export function split(draft: Draft, index: number): Draft {
  const group = draft.groups[index];
  if (!group || group.choices.length < 2) return draft;
  const alone = group.choices.map(
    (c): Group => ({
      block: group.block,
      format: 'straight',
      roundRestSeconds: 0,
      choices: [{ ...c, dose: { ...c.dose, restSeconds: Math.max(30, Math.min(90, Math.round(setSeconds(c.dose)))) } }],
    }),
  );
  return { groups: [...draft.groups.slice(0, index), ...alone, ...draft.groups.slice(index + 1)] };
}

/** Pairs a single item with the next single one of the same block; unchanged when nothing is saved by it. */
export function pairWithNext(draft: Draft, index: number): Draft {
  const [a, b] = [draft.groups[index], draft.groups[index + 1]];
  if (!a || !b || a.block !== b.block || a.choices.length !== 1 || b.choices.length !== 1) return draft;
  const sets = a.choices[0]?.dose.sets ?? 1;
  const together = paired(a, { ...b, choices: b.choices.map((c) => ({ ...c, dose: { ...c.dose, sets } })) });
  if (!together) return draft;
  return { groups: [...draft.groups.slice(0, index), together, ...draft.groups.slice(index + 2)] };
}
