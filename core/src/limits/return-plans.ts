import type { Region } from '../exercise/model/vocabulary';
import type { Cause } from './causes';
import type { Stage } from './restriction';

/** One stage of a way back: what is trained in it, and what has to be shown before the next. */
export interface ReturnStage {
  name: string;
  /** What it opens, as restrictions count stages. */
  opens: Stage;
  /** Exercises by id, with the dose to begin with. */
  work: readonly (readonly [variant: string, dose: string])[];
  /** Shown on two days, with pain within the ceiling and no rise the next morning. */
  exit: string;
}

/** A way back in stages. It begins when somebody who may has named the injury, and goes by criteria, not by dates. */
export interface ReturnPlan {
  id: string;
  name: string;
  region: Region;
  cause: Cause;
  stages: readonly ReturnStage[];
  /** What only a clinician decides. */
  clinician: string;
  source: string;
}

const stage = (name: string, opens: Stage, exit: string, work: ReturnStage['work']): ReturnStage => ({
  ...{ name, opens, exit, work },
});

/**
 * Ten ways back, for adults and for minors whose clinician agreed. Stages, doses and criteria are from memory of the sources that each names.
 */
export const returnPlans: readonly ReturnPlan[] = [
  {
    ...{ id: 'ankle-sprain', name: 'Ankle sprain', region: 'ankle', cause: 'joint-instability' },
    stages: [
      stage('Protect', 1, 'Walks without a limp, swelling going down, pain at rest 0 to 1', [
        ['short-foot-sitting', '3x10'],
        ['towel-scrunch', '3x10'],
      ]),
      stage('Load', 2, 'Knee to wall within 2 cm of the other side; 25 raises on two legs; pain at most 2', [
        ['calf-raise', '3x12'],
        ['heel-toe-stand', '3x30s'],
        ['wall-toe-raise', '3x15'],
        ['squat-to-chair', '3x10'],
      ]),
      stage(
        'Control',
        3,
        '30 s on one leg; star reach to the front within 4 cm; 20 single raises and 90 % of the other side',
        [
          ['single-leg-stand', '4x30s'],
          ['single-leg-reach', '3x6'],
          ['single-leg-calf-raise', '3x8'],
          ['slow-step-down', '3x8'],
        ],
      ),
      stage(
        'Impact',
        4,
        'Hop for distance and side hop 90 % of the other side, pain 0 to 1, no swelling the next morning',
        [
          ['low-jump', '3x6'],
          ['pogo-jump', '3x15'],
          ['side-line-hop', '3x10'],
          ['forward-hop-stick', '3x5'],
        ],
      ),
      stage('Sport', 5, 'Full training for one week', [
        ['quick-feet-in-place', '3x15s'],
        ['skating-push', '3x8'],
      ]),
    ],
    clinician: 'Fracture, high ankle sprain, giving way after six weeks, locking',
    source: 'Vuurberg 2018; Smith 2021; Doherty 2017; Stiell 1992',
  },
  {
    ...{ id: 'hamstring-strain', name: 'Hamstring strain', region: 'hamstring', cause: 'muscle-strain' },
    stages: [
      stage('Settle', 1, 'Walks free of pain; heel dig at full force with pain at most 2', [
        ['heel-dig-hold', '5x20s'],
        ['bridge', '3x10'],
      ]),
      stage(
        'Strength at middle length',
        2,
        '15 single-leg bridges; straight-leg raise within 10 degrees of the other side',
        [
          ['long-lever-bridge-hold', '4x20s'],
          ['hip-thrust', '3x10'],
          ['single-leg-bridge', '3x8'],
        ],
      ),
      stage('Length', 3, '20 single-leg bridges and 90 % of the other side', [
        ['hinge-lift', '3x8'],
        ['bridge-walk-out', '3x6'],
        ['sliding-leg-curl', '3x6'],
        ['single-leg-hinge', '3x8'],
      ]),
      stage('Speed', 4, 'Fast straight-leg raise without pain or fear; two sessions of full sprints', [
        ['nordic-lowering', '2x4'],
        ['single-leg-sliding-curl', '3x5'],
        ['high-knee-run', '4x15s'],
      ]),
      stage('Return', 5, 'Full training; eccentric work weekly and sprints twice a week all season', [
        ['nordic-lowering', '3x5'],
      ]),
    ],
    clinician: 'A gap to the touch, pain at the sitting bone, bruise with weakness, numbness',
    source: 'Askling 2013; Mendiguchia 2017; Hickey 2020; Freckleton 2014',
  },
  {
    ...{ id: 'adductor-groin', name: 'Groin pain, adductors', region: 'groin', cause: 'overuse' },
    stages: [
      stage('Squeeze', 1, 'Squeeze for 5 s with pain at most 2', [
        ['cushion-squeeze', '5x15s'],
        ['side-lying-inner-raise', '3x10'],
        ['bridge', '3x10'],
      ]),
      stage('Strength', 2, 'Squeeze at 90 % of the best day, pain at most 2; runs straight', [
        ['band-leg-pull-in', '3x12'],
        ['clam', '3x12'],
        ['side-plank-knees', '3x20s'],
      ]),
      stage('Length and load', 3, 'Adductors 80 % of abductors and 90 % of the other side', [
        ['adductor-side-hold', '5x15s'],
        ['side-lunge', '3x8'],
        ['loop-band-side-walk', '3x10'],
      ]),
      stage(
        'Change of direction',
        5,
        'Squeeze at full force with pain 0 to 1; full kicks; no stiffness in the morning',
        [
          ['adductor-side-raise', '3x8'],
          ['sliding-side-lunge', '3x6'],
          ['skating-push', '3x8'],
        ],
      ),
    ],
    clinician: 'Signs of a hernia, a hip that is blocked, bone stress of the pubis, a growing athlete',
    source: 'Holmich 1999; Serner 2020; Thorborg 2017; Haroy 2019',
  },
  {
    ...{ id: 'patellar-tendon', name: 'Patellar tendon', region: 'knee', cause: 'tendon' },
    stages: [
      stage('Isometric', 1, 'Hold at pain at most 3; pain in the single-leg decline squat falling', [
        ['wall-sit', '5x45s'],
        ['single-leg-wall-sit', '5x30s'],
      ]),
      stage('Slow and heavy', 2, '8 single-leg squats or 90 % of the other side; decline squat at pain at most 3', [
        ['slow-pause-squat', '4x8'],
        ['split-squat', '4x8'],
        ['hip-thrust', '3x10'],
      ]),
      stage('Energy storage', 4, 'Hop 90 % of the other side, pain at most 3 and settled in a day', [
        ['low-jump', '3x6'],
        ['snap-down', '3x5'],
        ['drop-and-stick', '3x5'],
        ['countermovement-jump', '3x5'],
      ]),
      stage('Sport', 5, 'Full training with the jumps of before', [['slow-pause-squat', '3x6']]),
    ],
    clinician: 'Locking, fluid in the joint, an injection, a growing knee that hurts at the bone',
    source: 'Rio 2015; Kongsgaard 2009; Malliaras 2015; Breda 2021',
  },
  {
    ...{ id: 'achilles-tendon', name: 'Achilles tendon', region: 'calf', cause: 'tendon' },
    stages: [
      stage('Two legs', 1, '3 x 20 raises on two legs at pain at most 3; stiffness in the morning no longer', [
        ['calf-raise', '3x15'],
        ['bent-knee-calf-raise', '3x15'],
        ['tiptoe-hold', '5x30s'],
      ]),
      stage('One leg', 2, '20 to 25 raises and 90 % of the other side; walks 30 min at pain at most 2', [
        ['single-leg-calf-raise', '3x10'],
        ['single-leg-bent-knee-calf-raise', '3x10'],
      ]),
      stage('Spring', 4, '20 single hops at pain at most 3, settled the next morning', [
        ['pogo-jump', '3x15'],
        ['rope-skip', '3x20'],
        ['loaded-single-leg-calf-lowering', '3x8'],
      ]),
      stage('Sport', 5, 'Hop 90 % of the other side; full running; heavy raises twice a week for a year', [
        ['single-leg-calf-raise', '3x12'],
      ]),
    ],
    clinician: 'A gap or a pop, signs of inflammation of joints, injections, tendon pain after an antibiotic',
    source: 'Silbernagel 2007; Alfredson 1998; Beyer 2015; Martin 2018',
  },
  {
    ...{ id: 'acl-late', name: 'Cruciate ligament, late', region: 'knee', cause: 'post-operative-late' },
    stages: [
      stage(
        'Strength',
        3,
        'Quadriceps and hamstrings 80 % of the other side; 10 single-leg squats with a level pelvis',
        [
          ['goblet-squat', '3x10'],
          ['split-squat', '3x8'],
          ['slow-step-down', '3x8'],
          ['hip-thrust', '3x10'],
        ],
      ),
      stage('Landing', 4, '85 % of the other side; quiet landing, knee over foot; no swelling', [
        ['snap-down', '3x5'],
        ['low-jump', '3x6'],
        ['drop-and-stick', '3x5'],
        ['quarter-turn-stick', '3x4'],
      ]),
      stage('One leg and turns', 4, 'Four hop tests, quadriceps and hamstrings each 90 % of the other side', [
        ['single-leg-snap-down', '3x4'],
        ['forward-hop-stick', '3x5'],
        ['side-hop-stick', '3x5'],
        ['skating-push', '3x8'],
      ]),
      stage(
        'Sport',
        5,
        'Nine months or later, two full weeks of practice, confidence, and the signature of the clinician',
        [['forward-hop-stick', '3x5']],
      ),
    ],
    clinician: 'Entry with written release, every stage, limits of the graft, return',
    source: 'Grindem 2016; Kyritsis 2016; van Melick 2016; Webster 2018',
  },
  {
    ...{ id: 'throwing-shoulder', name: 'Shoulder of throwers', region: 'shoulder', cause: 'overuse' },
    stages: [
      stage('Quiet', 1, 'No pain at rest; arm to 120 degrees at pain at most 2', [
        ['door-frame-rotation-hold', '5x20s'],
        ['wall-slide', '3x10'],
        ['prone-letter-a', '3x10'],
      ]),
      stage('Strength', 2, 'Turning out 75 % of turning in and 90 % of the other side', [
        ['side-lying-arm-rotation', '3x15'],
        ['band-arm-rotation', '3x15'],
        ['band-row', '3x12'],
      ]),
      stage(
        'Brake and overhead',
        3,
        '21 closed-chain touches in 15 s without pain; 12 raised rotations at pain at most 1',
        [
          ['band-arm-brake', '3x10'],
          ['high-band-arm-rotation', '3x12'],
          ['push-up', '3x8'],
        ],
      ),
      stage('Throw', 5, 'Two weeks at full volume with pain at most 1 the next morning', [
        ['shadow-throw-brake', '3x8'],
        ['towel-throw', '3x8'],
      ]),
    ],
    clinician: 'Pain at night, weak turning out, instability, a dead arm, under 16 with pain at the growth plate',
    source: 'Ellenbecker and Cools 2010; Wilk 2011; Reinold 2002; Andersson 2017',
  },
  {
    ...{ id: 'low-back', name: 'Low back, nonspecific', region: 'lower-back', cause: 'nonspecific-pain' },
    stages: [
      stage('Move', 1, 'Stands up from sitting at pain at most 3; sleeps well', [
        ['cat-camel', '2x10'],
        ['bridge', '2x10'],
        ['curl-up', '5x8'],
        ['bird-dog', '4x8'],
      ]),
      stage('Strength', 2, 'Back hold 60 s, side hold 45 s each side within 10 %', [
        ['hip-thrust', '3x10'],
        ['dead-bug', '3x8'],
        ['band-press-out', '3x10'],
        ['suitcase-hold', '3x20s'],
      ]),
      stage('Load', 3, 'Usual loads at pain at most 2', [
        ['hinge-lift', '3x8'],
        ['goblet-squat', '3x8'],
        ['side-plank', '3x20s'],
      ]),
      stage('Speed', 5, 'Two full weeks', [
        ['band-turn', '3x10'],
        ['bag-swing', '3x10'],
        ['low-jump', '3x6'],
      ]),
    ],
    clinician:
      'Red flags, leg pain below the knee with weakness, six weeks without change, under 18 with pain on arching',
    source: 'McGill 2007; Foster 2018; Hayden 2021',
  },
  {
    ...{ id: 'stress-reaction', name: 'Stress reaction of a bone', region: 'foot', cause: 'bone-stress' },
    stages: [
      stage('Rest from load', 1, 'Walks without pain for a week; no tenderness of the bone', [
        ['floor-press', '3x10'],
        ['side-lying-arm-rotation', '3x15'],
      ]),
      stage('Body weight', 2, '30 min of brisk walking and 15 single raises, both without pain', [
        ['bridge', '3x10'],
        ['squat-to-chair', '3x10'],
        ['calf-raise', '3x10'],
      ]),
      stage('Impact', 4, 'Ten single hops without pain, then and the next morning', [
        ['low-jump', '2x5'],
        ['pogo-jump', '2x10'],
      ]),
      stage('Run and walk', 5, '30 min of running without pain for two weeks; then speed', [['calf-raise', '3x12']]),
    ],
    clinician: 'Every stage, and the picture before the first; any pain is two stages back',
    source: 'Warden 2014 and 2021; Fredericson 2006; Hoenig 2022',
  },
  {
    ...{ id: 'wrist-sprain', name: 'Wrist sprain', region: 'wrist', cause: 'joint-instability' },
    stages: [
      stage('Protect', 1, 'No pain at rest, at most 2 in movement', [
        ['fist-open-close', '3x15'],
        ['forearm-plank', '3x20s'],
      ]),
      stage('Hold', 2, 'Grip 75 % of the other side, range within 15 degrees', [
        ['wrist-curl', '5x10'],
        ['towel-wring', '3x8'],
      ]),
      stage('Load', 3, 'Grip 90 % of the other side; push-up from a table at pain at most 1', [
        ['wrist-curl', '3x15'],
        ['wrist-lift', '3x15'],
        ['push-up-worktop', '3x8'],
      ]),
      stage('Support', 5, '10 push-ups without pain, then and the next morning', [
        ['push-up', '3x8'],
        ['bear-hold', '3x20s'],
      ]),
    ],
    clinician:
      'Pain between the tendons of the thumb after a fall, clicking with weakness, numbness, no better in two weeks',
    source: 'common practice of hand therapy; ranges from memory',
  },
];

/** Plans that fit a part of the body. @example returnPlansOf('wrist').map((plan) => plan.id) // ['wrist-sprain'] */
export const returnPlansOf = (region: Region): ReturnPlan[] => returnPlans.filter((plan) => plan.region === region);
