import type { Keyframe } from '../../body/motion';
import { blockKinds } from '../../exercise/model/vocabulary';
import { amountWords } from '../plan/amount-words';
import type { Plan } from '../plan/plan-types';

/** What one of a squad does at a station. */
export interface AtStation {
  athlete: string;
  /** The exercise, where it is not the one that the station shows. */
  otherwise?: string;
  amount: string;
  with?: string;
}

/** A place in the order of a squad's session: one exercise on the screen, each one's own way of it beside the name. */
export interface Station {
  block: string;
  name: string;
  variant: string;
  drawnAs?: string;
  poses?: readonly Keyframe[];
  cue: string;
  athletes: AtStation[];
}

/** One of a squad with a session for the day. */
export interface HallSession {
  athlete: string;
  plan: Plan;
}

interface Gathered {
  block: string;
  /** How far into the block each one has it, 0 to 1. */
  places: number[];
  of: { athlete: string; item: Plan['blocks'][number]['items'][number] }[];
}

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);

function gathered(sessions: readonly HallSession[]): Gathered[] {
  const stations = new Map<string, Gathered>();
  for (const { athlete, plan } of sessions)
    for (const kind of new Set(plan.blocks.map((block) => block.kind))) {
      const items = plan.blocks.filter((block) => block.kind === kind).flatMap((block) => block.items);
      items.forEach((item, i) => {
        // Somebody with two of a pattern has them at two stations.
        const nth = items.slice(0, i).filter(({ pattern }) => pattern === item.pattern).length;
        const key = `${kind} ${item.pattern} ${nth}`;
        const station = stations.get(key) ?? { block: kind, places: [], of: [] };
        station.places.push(i / items.length);
        station.of.push({ athlete, item });
        stations.set(key, station);
      });
    }
  return [...stations.values()];
}

function stationOf({ block, of }: Gathered): Station {
  const count = (variant: string) => of.filter(({ item }) => item.variant === variant).length;
  const [shown] = [...of].sort((a, b) => count(b.item.variant) - count(a.item.variant)) as [Gathered['of'][number]];
  const { variant, name, drawnAs, poses, cues } = shown.item;
  return {
    ...{ block, name, variant, cue: cues[0] ?? '' },
    ...(drawnAs ? { drawnAs } : {}),
    ...(poses ? { poses } : {}),
    athletes: of
      .map(({ athlete, item }) => ({
        ...{ athlete, amount: amountWords(item) },
        ...(item.variant === variant ? {} : { otherwise: item.name }),
        ...(item.load ? { with: item.load.with } : {}),
      }))
      .sort((a, b) => a.athlete.localeCompare(b.athlete)),
  };
}

/**
 * The sessions of a squad as stations for one screen in a hall: exercises of one pattern in the same block are one station, in the order in which
 * most have them. Nobody's exercise is left out.
 *
 * @example stationsOf([{ athlete: 'Ines', plan }, { athlete: 'Tove', plan }])[0].athletes.length // 2
 */
export function stationsOf(sessions: readonly HallSession[]): Station[] {
  const order = (block: string) => (blockKinds as readonly string[]).indexOf(block);
  return gathered(sessions)
    .sort((a, b) => order(a.block) - order(b.block) || mean(a.places) - mean(b.places) || b.of.length - a.of.length)
    .map(stationOf);
}
