import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

/** The neck holds the head, or the shoulder girdle and the trunk pull on it. */
const pullsOnNeck = (m: MovementFacts) =>
  m.neckWork ||
  m.pattern(
    'vertical-push',
    'vertical-pull',
    'trunk-flexion',
    'trunk-extension',
    'throw',
    'skill',
    'whole-body-lift',
    'locomotion',
    'pulse',
    'anti-extension',
    'scapular',
    'rotation',
  );

/** Concussion is read here too, whatever region was named: it holds for the whole body. */
export const neck: RegionLimits = {
  region: 'neck',
  ranges:
    'Neutral to 20° of flexion or side bend, nothing backwards; turns without load to 45°; arms below shoulder height under load.',
  dose: {
    share: 0.5,
    pain: 2,
    contacts: 20,
    say: 'Holds of 5 to 10 s, five in each direction, at a third to half of full force.',
  },
  underAvoid: 'Legs and arms while lying or sitting, with the head supported.',
  told: 'Press against your own hand, never against somebody else. Stop for pain down the arm, tingling, dizziness or headache.',
  lift: 'Pain without a cause: the coach, after two sessions at 0 or 1. Arm symptoms, a fall, concussion, operation: a clinician.',
  sources: ['Jull 2009 (deep neck flexors)', 'Ylinen 2003 (isometric neck training)', 'Patricios 2023 (concussion)'],
  avoid: [
    out('The first days after a concussion are for rest: no session.', () => true, { causes: ['concussion'] }),
    fine('Rest.', (m) => m.is('feet-up-breathing')),
    out(
      'The head is held up sideways or is jerked.',
      (m) =>
        m.contacts.has('forearms') ||
        m.has('unforeseen', 'falls-on-hands', 'eyes-closed', 'swings-leg', 'carries-head', 'opens-chest'),
    ),
    out('A partner or a strap may jerk the neck.', (m) => (m.partner && m.upper) || m.inStraps),
    out(
      'The head hangs over a roller or a bent trunk.',
      (m) =>
        m.family('roller', 'roller-parts') ||
        (m.at('sitting') && m.over('trunkBent', 20)) ||
        (m.pattern('hip-dominant') && m.over('armRaised', 90) && m.over('hip', 60)),
    ),
    out(
      'The neck holds the head up, is jolted or is pulled on.',
      (m) =>
        pullsOnNeck(m) ||
        m.pattern('anti-rotation', 'anti-lateral-flexion') ||
        m.at('hands-and-feet', 'hanging') ||
        m.lands ||
        m.fast ||
        (m.weighted && !m.at('lying', 'sitting')),
    ),
    changed('On all fours the neck holds the head.', 'Do it lying or sitting, head supported.', (m) =>
      m.at('kneeling'),
    ),
    changed(
      'The shoulder girdle pulls on the neck, or the head hangs forward.',
      { say: 'Sit or lie, light, head supported.', load: 0.5 },
      (m) =>
        m.standing &&
        ((m.over('armRaised', 70) && m.upper && (m.bandInHands || m.pattern('horizontal-pull'))) ||
          (m.pattern('hip-dominant') && m.over('hip', 60)) ||
          (m.pattern('mobility') && m.over('hip', 90) && m.over('armRaised', 120))),
    ),
  ],
  limit: [
    out(
      'Early after an operation: only what the surgeon lists.',
      (m) =>
        pullsOnNeck(m) ||
        m.at('hands-and-feet', 'hanging') ||
        m.lands ||
        (m.weighted && !m.at('lying', 'sitting')) ||
        (m.bandInHands && m.loaded && !m.at('lying', 'sitting')),
      early,
    ),
    fine(
      'Light, head still, below what brings symptoms.',
      (m) =>
        m.is('march-on-the-spot', 'easy-walk', 'feet-up-breathing') ||
        m.is('wall-push-up', 'band-row', 'sitting-band-row', 'band-pull-apart', 'wall-slide') ||
        m.is(
          'squat-to-chair',
          'calf-raise',
          'bridge',
          'clam',
          'side-lying-leg-raise',
          'heel-toe-stand',
          'knee-press-down',
          'low-step-up',
          'short-foot-sitting',
        ),
      { causes: ['concussion'] },
    ),
    out(
      'Impact, straining, head down or fast movement of the head: only once the clinician has released it.',
      (m) =>
        m.lands ||
        m.fast ||
        m.headLow ||
        m.has('strains', 'eyes-closed', 'unforeseen') ||
        m.pattern(
          'neck-flexion',
          'neck-extension',
          'neck-lateral',
          'throw',
          'skill',
          'trunk-flexion',
          'trunk-extension',
          'vertical-push',
          'whole-body-lift',
          'locomotion',
          'rotation',
          'anti-extension',
          'vertical-pull',
          'pulse',
        ) ||
        m.at('hanging', 'hands-and-feet') ||
        m.over('hip', 78),
      { causes: ['concussion'] },
    ),
    changed(
      'Only light work, by the clock.',
      {
        say: 'Light and slow, breathe out on the effort; stop when symptoms rise by more than 2 of 10.',
        slow: true,
        load: 0.5,
      },
      () => true,
      { causes: ['concussion'] },
    ),
    fine(
      'Holds against your own hand or the floor, at half force or less.',
      (m) =>
        m.pattern('neck-flexion', 'neck-extension', 'neck-lateral') &&
        !m.partner &&
        !m.is('towel-neck-press', 'lying-head-lift', 'side-lying-head-lift'),
      { causes: ['nonspecific-pain', 'muscle-strain', 'overuse', 'unstated', 'post-operative-late'] },
    ),
    out('The neck works against a weight, a towel or somebody else.', (m) =>
      m.pattern('neck-flexion', 'neck-extension', 'neck-lateral'),
    ),
    out(
      'Head down, or weight on the neck.',
      (m) =>
        m.family('wall-walk', 'burpee') ||
        (m.has('falls-on-hands', 'turns-on-foot') && m.pattern('skill') && m.at('hands-and-feet', 'lying')) ||
        (m.pattern('vertical-push') && m.at('hands-and-feet')),
    ),
    out(
      'Load over the head tightens and bends back the neck.',
      (m) =>
        m.pattern('vertical-push', 'throw') ||
        m.at('hanging') ||
        (m.weighted && m.standing && m.over('armRaised', 150)) ||
        (m.weighted && m.is('overhead-elbow-press')),
    ),
    changed('The neck lifts the head.', 'Hands carry the head, or do a dead bug instead.', (m) =>
      m.pattern('trunk-flexion'),
    ),
    changed(
      'A weight that hangs from the arms pulls on the neck.',
      { say: 'Light: at most a tenth of body mass.', load: 0.5 },
      (m) => m.has('pulls-arm-down') || (m.weighted && m.pattern('knee-dominant') && m.variant.load?.place === 'back'),
    ),
    changed(
      'The head turns fast.',
      { say: 'Slow; the eyes follow the hands.', slow: true },
      (m) => m.fast && m.pattern('rotation', 'skill'),
    ),
    changed('Jolts.', { say: 'At most 20 low contacts, none while pain is above 2.', contacts: 20 }, (m) => m.lands),
    changed(
      'The head is lifted against gravity.',
      'Forehead near the floor, chin level.',
      (m) =>
        m.pattern('trunk-extension') ||
        (m.at('lying') && m.contacts.has('seat') && m.pattern('scapular', 'vertical-pull') && !m.contacts.has('back')),
    ),
    changed(
      'The head hangs or is held up for long.',
      { say: 'Easier version, short sets, chin level.', holdAtMost: 15 },
      (m) =>
        m.family('get-up') ||
        (m.pattern('anti-extension') && m.handsLoaded && m.over('armRaised', 115)) ||
        m.hangsInStraps ||
        m.is('long-plank') ||
        (m.at('hands-and-feet') && m.pattern('horizontal-push') && m.over('armRaised', 90) && !m.fast),
    ),
    changed(
      'The head turns, lifts or is jolted with the trunk.',
      { say: 'Slow and light, chin level, eyes follow the hands.', slow: true },
      (m) =>
        m.is('low-crawl', 'overarm-bowl-drill', 'bag-to-shoulder') ||
        m.has('opens-chest') ||
        (m.family('roller') && m.contacts.has('back')),
    ),
  ],
};
