import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import briefFile from '../../../docs/formats/brief.schema.json';
import example from '../../../docs/formats/examples/brief.json';
import planFile from '../../../docs/formats/plan.schema.json';
import { changedBrief, issuesOfBrief } from '../../test/brief-documents';
import { exampleBrief, plainBrief } from '../../test/briefs';
import { solver } from '../../test/solver';
import { compose } from '../session/composer/compose';
import { contextOf } from '../session/context/context';
import { planOf } from '../session/plan/plan';
import { briefSchema, planSchema } from './schemas';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const validBrief = ajv.compile(briefSchema);
const validPlan = ajv.compile(planSchema);

describe('published schemas', () => {
  it('stand in the documents as the program writes them', () => {
    expect(briefFile).toEqual(JSON.parse(JSON.stringify(briefSchema)));
    expect(planFile).toEqual(JSON.parse(JSON.stringify(planSchema)));
  });

  it.each([
    ['minutes', -5],
    ['athlete.level', 'olympic'],
    ['kit.items', [{ kind: 'spoon' }]],
    ['sport.id', 'hopscotch'],
    ['athlete', undefined],
  ])('agree with the reader about %s = %j', (path, value) => {
    const document = changedBrief(path, value);
    expect(validBrief(document)).toBe(false);
    expect(issuesOfBrief(document).length).toBeGreaterThan(0);
  });

  it('accept the example and every plan the composer writes', async () => {
    expect(validBrief(example)).toBe(true);
    for (const brief of [
      exampleBrief(),
      plainBrief({ minutes: 12 }),
      plainBrief({ sport: { id: 'sprint-canoe', role: 'canoe' } }),
    ]) {
      const composition = compose(brief, await solver);
      if ('refused' in composition) throw new Error(composition.refused.reason);
      const plan = JSON.parse(JSON.stringify(planOf(contextOf(brief), composition.draft, composition.proof)));
      expect(validPlan(plan), JSON.stringify(validPlan.errors?.slice(0, 3))).toBe(true);
    }
    expect(validPlan({ format: 'tropaeum-plan/1', refused: { reason: 'rest', relax: [] } })).toBe(true);
  });

  it('refuse an item with two doses', async () => {
    const composition = compose(plainBrief(), await solver);
    if ('refused' in composition) throw new Error('refused');
    const plan = JSON.parse(JSON.stringify(planOf(contextOf(plainBrief()), composition.draft)));
    Object.assign(plan.blocks[0].items[0], { reps: 8, holdSeconds: 20 });
    expect(validPlan(plan)).toBe(false);
  });
});
