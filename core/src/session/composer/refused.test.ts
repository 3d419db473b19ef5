import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { composed, refusal, variantsOf } from '../../../test/composed';
import { variantById } from '../../exercise/library/library';
import { choicesOf } from '../draft/draft';

describe('what is refused', () => {
  it('nobody who is ill trains: rest, and when to look again', async () => {
    const brief = plainBrief();
    const refused = await refusal({ ...brief, athlete: { ...brief.athlete, readiness: { ill: true } } });
    expect(refused.reason).toContain('2026-12-11');
  });

  it('nobody with pain above 5 trains', async () => {
    const brief = plainBrief();
    const refused = await refusal({
      ...brief,
      athlete: { ...brief.athlete, readiness: { pain: [{ region: 'knee', score: 6 }] } },
    });
    expect(refused.reason).toContain('clinician');
  });

  it.each([
    ['without the kit', 'pull-up', {}],
    ['against a restriction', 'squat', { restrictions: [{ region: 'knee' as const, severity: 'avoid' as const }] }],
  ])('a pin %s names the pin to let go', async (_, id, athlete) => {
    const brief = plainBrief();
    const refused = await refusal({
      ...brief,
      athlete: { ...brief.athlete, ...athlete },
      lock: { include: [id], exclude: [] },
    });
    expect(refused.relax).toEqual([`lock.include: ${id}`]);
    expect(refused.reason).toContain('is pinned, but');
  });

  it('too few minutes for the pins ask for more minutes', async () => {
    const refused = await refusal(
      plainBrief({
        minutes: 5,
        lock: { include: ['push-up', 'squat', 'bent-row', 'hinge-lift', 'side-plank'], exclude: [] },
      }),
    );
    expect(refused.relax).toContain('minutes');
  });

  it('an empty kit and a small room still give a session', async () => {
    const { plan } = await composed(
      plainBrief({
        kit: {
          items: [],
          anchors: [],
          partner: false,
          room: { lengthM: 2, widthM: 1.5, ceilingM: 2.4, wall: true, stairs: false, slidingFloor: false, quiet: true },
        },
      }),
    );
    expect(plan.blocks.flatMap((b) => b.items).length).toBeGreaterThanOrEqual(6);
  });
});

describe('the coach is held to', () => {
  it('what is excluded stays out and what is pinned with a dose keeps it', async () => {
    const brief = plainBrief({
      lock: { include: ['push-up'], exclude: ['bent-row'], doses: { 'push-up': '4x6 3-1-1 r60' } },
    });
    const { draft } = await composed(brief);
    const ids = variantsOf(draft).map((v) => v.id);
    expect(ids).not.toContain('bent-row');
    const pinned = choicesOf(draft).find((c) => c.variant === 'push-up');
    expect(pinned).toMatchObject({ pinned: true, dose: { sets: 4, work: { kind: 'reps', reps: 6 } } });
  });

  it('closing power work comes last before the cool-down', async () => {
    const brief = plainBrief({ aim: 'power' });
    const { plan } = await composed({ ...brief, houseRules: { ...brief.houseRules, explosive: 'closing' } });
    const kinds = plan.blocks.map((b) => b.kind);
    expect(kinds.lastIndexOf('power')).toBeGreaterThan(kinds.lastIndexOf('trunk'));
  });

  it('straight sets pair nothing, circuits go round together', async () => {
    const brief = plainBrief();
    const straight = await composed({ ...brief, houseRules: { ...brief.houseRules, format: 'straight' } });
    expect(straight.draft.groups.every((g) => g.choices.length === 1)).toBe(true);
    const circuits = await composed({ ...brief, houseRules: { ...brief.houseRules, format: 'circuits' } });
    expect(circuits.draft.groups.some((g) => g.format === 'circuits' && g.choices.length >= 2)).toBe(true);
  });

  it('no work that makes sore stands in the 72 hours before a fixture', async () => {
    const { draft } = await composed(plainBrief({ season: { phase: 'in-season', nextFixture: '2026-12-11' } }));
    const sore = variantsOf(draft).filter(
      (v) =>
        v.regions.some((r) => r.high) && v.speed === 'slow' && v.jointActions.some((a) => a.regime === 'lengthening'),
    );
    expect(sore.map((v) => v.id)).toEqual([]);
  });

  it('with two light dumbbells no two-legged leg item of an advanced athlete is called strength', async () => {
    const brief = plainBrief();
    const { plan } = await composed({
      ...brief,
      athlete: { ...brief.athlete, level: 'advanced', massKg: 82, heightCm: 184, sex: 'male' },
    });
    for (const item of plan.blocks.flatMap((b) => b.items)) {
      const variant = variantById(item.variant);
      const twoLegged =
        variant?.position === 'both-feet' &&
        (variant.pattern === 'knee-dominant' || variant.pattern === 'hip-dominant');
      if (twoLegged) expect(item.intensity?.zone).not.toBe('strength');
    }
  });
});
