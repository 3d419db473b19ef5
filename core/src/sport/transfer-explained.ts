import type { Variant } from '../exercise/model/variant';
import { contractionTypes, type JointAction } from '../exercise/model/vocabulary';
import { measured } from './measured';
import type { ForceAxis, SportAction } from './profile';
import { type Match, matchesOf, type Transfer, transferOf } from './transfer';
import { type Criterion, effortAsked, type Weights } from './transfer-criteria';

const said = (id: string) => id.replaceAll('-', ' ');
const joined = (list: readonly string[]) =>
  list.length > 1 ? `${list.slice(0, -1).join(', ')} and ${list.at(-1)}` : (list[0] ?? '');
const jointWords = ({ joint, action }: JointAction) => `${joint} ${said(action)}`;

const axisWords: Record<ForceAxis, string> = {
  along: 'along the body',
  'front-back': 'through the body, front to back',
  sideways: 'to the side',
  turning: 'round the body',
};

/** Where the moment is largest, in words. */
function placeWords(deepness: number): string {
  return deepness > 0.62 ? 'deep' : deepness > 0.28 ? 'in the middle' : 'near the end';
}
const atWords = { deep: 'deep', middle: 'in the middle', end: 'near the end' } as const;

/** The match that weighs most. */
const leading = (matches: readonly Match[]) => matches.find((m) => m.own);

function directionWords(variant: Variant, action: SportAction): string {
  const { force } = measured(variant);
  const main = (Object.keys(force) as ForceAxis[]).reduce(
    (best, axis) => (force[axis] > force[best] ? axis : best),
    'along',
  );
  const position =
    variant.position === action.position
      ? said(action.position)
      : `${said(variant.position)}, not ${said(action.position)}`;
  const way = action.force.includes(main)
    ? axisWords[main]
    : `force ${axisWords[main]}, not ${axisWords[action.force[0] as ForceAxis]}`;
  return `${position}; ${way}`;
}

function regionWords(match: Match): string {
  const asked = atWords[match.wanted.at];
  const name = match.wanted.joint;
  if (match.own?.deepness === undefined)
    return `the ${name} is loaded ${asked} in the sport; not visible in the drawn plane`;
  const own = placeWords(match.own.deepness);
  return own === asked
    ? `the ${name} works hardest ${own}, as in the sport`
    : `the ${name} works hardest ${own}; in the sport ${asked}`;
}

function effortWords(variant: Variant, action: SportAction, match: Match): string {
  const wanted = Math.round(effortAsked(action) * 100);
  const own = Math.round((match.own?.load ?? 0) * 100);
  if (variant.pattern === 'stretch') return 'passive stretch';
  const fast = variant.speed === 'fast' ? ', and as fast as possible' : '';
  return `${own} % of a typical max${fast}; sport ${wanted} %`;
}

/** One criterion of a transfer: its value and the sentence behind it. */
export interface Explained {
  criterion: Criterion;
  name: string;
  value: number;
  words: string;
}

const names: Record<Criterion, string> = {
  direction: 'Direction, range',
  region: 'Where it is hardest',
  effort: 'Effort',
  rate: 'Rate of force development',
  regime: 'Contraction type',
};

export interface Explanation {
  transfer: Transfer;
  criteria: readonly Explained[];
  /** Joint actions that are not trained: they count nothing in all five. */
  missing: readonly string[];
}

/**
 * A transfer with one short sentence a criterion. Without a common joint action the sentences say what is missing.
 *
 * @example explained(nordicLowering, legBrake, { direction: 0.2, region: 0.2, effort: 0.2, rate: 0.2, regime: 0.2 }).criteria[4].words // 'eccentric, as in the sport'
 */
export function explained(variant: Variant, action: SportAction, weights: Weights): Explanation {
  const transfer = transferOf(variant, action, weights);
  const matches = matchesOf(variant, action, weights);
  const lead = leading(matches);
  const nothing = `trains none of ${joined(action.jointActions.map(jointWords))}`;
  const words: Record<Criterion, string> = lead
    ? {
        direction: directionWords(variant, action),
        region: regionWords(lead),
        effort: effortWords(variant, action, lead),
        rate:
          variant.speed === action.speed
            ? `${variant.speed}, as in the sport`
            : `${variant.speed}; in the sport ${action.speed}`,
        regime:
          lead.own?.action.regime === lead.wanted.regime
            ? `${contractionTypes[lead.wanted.regime]}, as in the sport`
            : `${lead.own ? contractionTypes[lead.own.action.regime] : 'none'}; in the sport ${contractionTypes[lead.wanted.regime]}`,
      }
    : { direction: nothing, region: nothing, effort: nothing, rate: nothing, regime: nothing };
  return {
    transfer,
    missing: matches.filter((m) => !m.own).map((m) => jointWords(m.wanted)),
    criteria: (Object.keys(names) as Criterion[]).map((criterion) => ({
      criterion,
      name: names[criterion],
      value: transfer[criterion],
      words: words[criterion],
    })),
  };
}
