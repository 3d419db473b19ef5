import { placedKeyframes } from '../src/body/motion';
import { poseOf } from '../src/body/pose';
import { referenceBody, scaledBody } from '../src/body/segments';
import { battery } from '../src/capacity/battery';
import { capacityOf } from '../src/capacity/capacity-of';
import { parseDose } from '../src/dose/notation';
import { catalogueOf } from '../src/exercise/catalogue/catalogue';
import { library, variantById } from '../src/exercise/library/library';
import { placedVariant } from '../src/exercise/mechanics/placed';
import { jointAction } from '../src/exercise/model/vocabulary';
import { limitOf } from '../src/limits/limit';
import { factsOf } from '../src/progress/facts';
import { caseOf } from '../src/season/plan/season-case';
import { emptySeason } from '../src/season/plan/season-plan';
import { planOfCase } from '../src/season/scheduler/case-plan';
import { compose } from '../src/session/composer/compose';
import { contextOf } from '../src/session/context/context';
import { planOf } from '../src/session/plan/plan';
import { stepsOf } from '../src/session/player/steps';
import { slotsOf } from '../src/session/squad/slots';
import { signatureFor } from '../src/sport/signature/signature-of';
import { sports } from '../src/sport/sports';
import { exampleBrief, plainBrief } from './briefs';
import { plainCase } from './calendar-cases';
import { decisionCase } from './decision-cases';
import { playedDraft, playedPlan } from './played';
import { solver } from './solver';

const camel = (id: string) => id.replace(/-([a-z0-9])/g, (_, letter: string) => letter.toUpperCase());

const reminderCase = {
  on: '2026-12-09',
  wishes: {
    ...{ sessionAt: 1020, morningAt: 480, whenSent: true },
    ...{ quietFrom: 1260, quietTo: 420, timeZone: 'Europe/Oslo' },
  },
  session: { id: 's', on: '2026-12-09', done: false, minutes: 30 },
  gone: new Set<string>(),
};

/** Whether a word may name a variable; an id such as `throw` may not. */
function isName(word: string): boolean {
  try {
    return /^[a-z]\w*$/i.test(word) && new Function(word, '') !== undefined;
  } catch {
    return false;
  }
}

/** Things by their ids, as one would call a variable that holds them. */
const named = <T extends { id: string }>(things: readonly T[]): Record<string, T> =>
  Object.fromEntries(things.map((thing) => [camel(thing.id), thing]).filter(([name]) => isName(name as string)));

/** What the examples of docstrings take for granted: variants, sports and tests by their ids, a brief with its session, a season. */
export async function exampleScope(): Promise<Record<string, unknown>> {
  const brief = exampleBrief();
  const catalogue = catalogueOf();
  const context = contextOf(plainBrief());
  const composition = await compose(plainBrief(), await solver);
  if (!('draft' in composition)) throw new Error('no session for the examples');
  const { draft } = composition;
  return {
    ...named(library),
    ...named(sports),
    ...named(sports.flatMap((sport) => sport.actions)),
    tests: named(battery),
    library,
    sports,
    catalogue,
    brief,
    athlete: brief.athlete,
    kit: brief.kit,
    capacity: capacityOf(plainBrief().athlete, '2026-12-09', catalogue),
    context,
    draft,
    plan: planOf(context, draft),
    slots: slotsOf(context, draft),
    body: scaledBody({ heightCm: 175, massKg: 75 }),
    leftKnee: { region: 'knee', side: 'left', severity: 'limit', cause: 'unstated' },
    calendarCase: plainCase(),
    season: emptySeason,
    plainBrief,
    solver: await solver,
    ...{ poseOf, placedVariant, placedKeyframes, catalogueOf, variantById, referenceBody, limitOf, caseOf, planOfCase },
    steps: stepsOf(playedPlan()),
    planItem: playedPlan().blocks[1]?.items[0],
    playedDraft,
    painSetting: { ceilingOf: () => undefined, isMinor: false, ways: {}, before: [] },
    reminderCase,
    ...{ scaledBody, parseDose, jointAction, signatureFor, decisionCase, factsOf },
  };
}
