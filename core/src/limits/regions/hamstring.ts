import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const pike = (m: MovementFacts) => m.at('hands-and-feet') && m.pattern('vertical-push') && m.over('hamstring', 60);
/** The shins or legs are drawn out while the hip holds them: long hamstrings under load. */
const oneHip = (m: MovementFacts) => m.at('split', 'one-foot') || m.variant.side === 'single';

export const hamstring: RegionLimits = {
  region: 'hamstring',
  ranges:
    'Hip at or under 60° with a straight knee under load; strain: no stretching; tendon at the sitting bone: hip at or under 45°.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 0,
    say: 'Holds 5 x 15-30 s at mid length, then 3 x 8-12.',
  },
  underAvoid: 'Upper body, front of the thigh, calves on two legs.',
  told: 'No pulling behind the thigh. A pop, or a bruise that runs down the leg: have it looked at within two days.',
  lift: 'The coach, by the criteria of each stage, for a mild or moderate strain. A torn tendon, a bruise with weakness, a graft, back or nerve signs: a clinician.',
  sources: [
    'Askling 2013 (eccentric work)',
    'Mendiguchia 2017 (criteria)',
    'Hickey 2020 (pain threshold)',
    'Goom 2016 (proximal tendon)',
  ],
  avoid: [
    out(
      'It holds the hip straight, or is stretched.',
      (m) =>
        pike(m) ||
        (m.has('bends-knee-sideways') && m.pattern('hip-adduction')) ||
        m.inStraps ||
        m.family('wall-walk', 'copenhagen') ||
        m.is('hollow-hold'),
    ),
    out(
      'It extends the hip, or is pulled on.',
      (m) =>
        m.has('both-legs-long') ||
        m.is(
          'bird-dog',
          'prone-heel-to-seat-lift',
          'bear-hold',
          'bear-shoulder-touch',
          'full-back-bridge',
          'reverse-plank',
          'ball-pike',
        ),
    ),
    out(
      'It works.',
      (m) =>
        m.lands ||
        (m.pattern('hip-dominant', 'knee-flexion', 'pulse', 'locomotion', 'skill', 'throw', 'whole-body-lift') &&
          !m.is('feet-up-breathing', 'easy-walk')),
    ),
    out(
      'It is stretched.',
      (m) => m.pattern('stretch', 'mobility') && (m.loads('hamstring') || m.over('hip', 90) || m.over('hamstring', 80)),
    ),
    changed(
      'It holds the trunk bent forward.',
      'Chest supported, or upright.',
      (m) => m.at('both-feet', 'split') && m.over('hip', 60) && m.upper,
    ),
    fine('Front of the thigh only, no stretch.', (m) =>
      m.is('knee-press-down', 'sitting-knee-straighten', 'ankle-weight-knee-extension'),
    ),
    out(
      'It steadies hip and knee.',
      (m) =>
        m.pattern('knee-dominant') ||
        (m.at('one-foot', 'split') && m.pattern('hip-abduction', 'hip-adduction', 'calf')),
    ),
    out('Extending the hip lying down is its work.', (m) => m.pattern('trunk-extension') && m.acts('hip')),
  ],
  limit: [
    out('The hip bends past 60° with straight knees under load.', pike),
    out(
      'It reaches or swings into a stretch, or works near its maximum.',
      (m) =>
        m.is(
          'sliding-reverse-lunge',
          'mountain-run',
          'bridge-and-turn',
          'crab-walk',
          'overarm-bowl-drill',
          'hand-walk-out',
        ) ||
        m.has('one-leg-long') ||
        m.is('ball-pike', 'step-through'),
    ),
    out('A lift from the floor.', (m) =>
      m.is('bag-to-hips', 'bag-to-shoulder', 'bar-deadlift', 'hang-clean', 'high-pull'),
    ),
    out(
      'Not before the surgeon allows: bending the knee, one leg, speed.',
      (m) =>
        m.lands ||
        (m.pattern('knee-flexion', 'pulse', 'locomotion', 'skill', 'throw', 'whole-body-lift') &&
          !m.is('easy-walk', 'feet-up-breathing')) ||
        m.at('one-foot', 'split'),
      early,
    ),
    out('Extending the hip under load waits for the surgeon.', (m) => m.pattern('hip-dominant'), early),
    out('Lengthens fast when the foot strikes: a late stage.', (m) => m.lands),
    fine('Held at mid length.', (m) => m.is('heel-dig-hold', 'long-lever-bridge-hold')),
    out(
      'Lengthens under body weight: middle and last stages.',
      (m) => m.pattern('knee-flexion') && (m.acts('knee', 'flexion', ['lengthening']) || m.share('knee') > 0.55),
    ),
    changed('Holds come first.', { say: 'Hold at mid range; pain at most 2.', hold: { sets: 5, seconds: 20 } }, (m) =>
      m.pattern('knee-flexion'),
    ),
    fine('Short hamstring, two legs.', (m) => m.is('bridge', 'hip-thrust')),
    changed(
      'One leg, or a longer hamstring, is a later stage.',
      { say: 'Two legs, or the other side only.', instead: 'bridge' },
      (m) => m.pattern('hip-dominant') && m.at('lying') && !m.over('hip', 98),
    ),
    changed(
      'Bending the hip squeezes the tendon at the sitting bone.',
      { say: 'Hip at or under 45°, no load.', range: { hip: 45 }, load: 0 },
      (m) => m.pattern('hip-dominant') && m.at('both-feet') && !m.fast && m.over('hip', 45),
      { causes: ['tendon'] },
    ),
    fine('A short hinge without load.', (m) => m.is('wall-tap-hinge')),
    changed(
      'A hinge short of the stretch.',
      { say: 'No load, hands to mid-thigh, no pull felt.', range: { hip: 60 }, load: 0 },
      (m) => m.pattern('hip-dominant') && m.at('both-feet') && !m.fast,
    ),
    out('One leg, stretched or fast.', (m) => m.pattern('hip-dominant')),
    out(
      'A fresh strain or a squeezed tendon is not stretched.',
      (m) => m.pattern('stretch', 'mobility') && (m.loads('hamstring') || m.over('hamstring', 75)),
      { oneSided: true },
    ),
    out('Fast swing or hinge.', (m) => m.fast && m.standing),
    out(
      'It reaches into a stretch, or the leg swings.',
      (m) =>
        m.family('march') ||
        (m.has('swings-leg') && !m.is('leg-swing')) ||
        m.is(
          'single-leg-reach',
          'three-direction-reach',
          'hip-airplane',
          'edge-back-raise',
          'slow-front-kick',
          'a-march',
        ),
    ),
    changed(
      'It holds the trunk bent forward.',
      'Chest supported, or upright.',
      (m) => m.upper && m.at('both-feet', 'split') && m.over('hip', 60),
    ),
    changed('A braking step.', { say: 'A reverse lunge with a short step instead.', instead: 'reverse-lunge' }, (m) =>
      m.is('forward-lunge', 'walking-lunge', 'long-lunge-drill'),
    ),
    changed(
      'Straight legs pull on it.',
      'Knees bent.',
      (m) => m.has('both-legs-long') && !m.is('hollow-hold', 'hanging-knee-raise', 'sit-up'),
    ),
    changed('Extending the hip over an edge.', { say: 'A bridge instead.', instead: 'bridge' }, (m) =>
      m.is('edge-leg-lift'),
    ),
    changed(
      'A long hinge or long sitting.',
      'Upright, or sitting on a chair.',
      (m) => m.family('swim-pull') || m.is('rowing-stroke-drill', 'stick-paddle-stroke'),
    ),
    changed(
      'Much hip extension on one leg, a long stance, or quick.',
      { say: 'Two legs or a small range, slow, no pull felt; pain at most 2.', rangeShare: 0.5, slow: true },
      (m) =>
        (m.pattern('knee-dominant') &&
          oneHip(m) &&
          (m.over('hip', 90) || m.over('kneeLoaded', 100)) &&
          m.at('one-foot', 'split') &&
          !m.is('reverse-lunge')) ||
        m.inStraps ||
        m.is(
          'brisk-step-up',
          'side-shuffle',
          'front-foot-raised-split-squat',
          'rear-foot-raised-split-squat',
          'sliding-side-lunge',
          'deep-side-squat',
          'lunge-and-open',
          'low-crawl',
          'level-change',
        ),
    ),
    changed(
      'A long leg held sideways pulls on it.',
      { say: 'Knee on the seat instead.', instead: 'copenhagen-knee-hold' },
      (m) => m.has('bends-knee-sideways') && m.pattern('hip-adduction'),
    ),
  ],
};
