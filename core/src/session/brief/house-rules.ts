export const houseRuleChoices = {
  explosive: ['first', 'closing'],
  format: ['straight', 'pairs', 'rounds', 'circuits', 'timed', 'free'],
  doseBy: ['reps', 'time', 'reserve'],
  lightLoads: ['fast', 'reps', 'slow'],
  secondSide: ['equal', 'weaker-first', 'extra'],
  correspondence: ['even', 'movement', 'force'],
  away: ['hold', 'build', 'learn'],
  kneeTravel: ['free', 'over-ankle'],
  squatDepth: ['level', 'below', 'deep'],
  squatFeet: ['straight', 'out'],
  stretching: ['dynamic', 'short', 'long'],
  armWork: ['include', 'leave-out'],
  formBreak: ['end', 'pause'],
} as const;

export type HouseRules = { [K in keyof typeof houseRuleChoices]: (typeof houseRuleChoices)[K][number] };

/** The question that each rule answers. */
export const houseRuleQuestions: Record<keyof HouseRules, string> = {
  explosive: 'Explosive work',
  format: 'Format',
  doseBy: 'Dose by',
  lightLoads: 'Light loads',
  secondSide: 'Second side',
  correspondence: 'Similarity to the sport',
  away: 'Away from the gym',
  kneeTravel: 'Knees in squats and lunges',
  squatDepth: 'Squat depth',
  squatFeet: 'Feet in a squat',
  stretching: 'Stretching before',
  armWork: 'Single-joint arm work',
  formBreak: 'When form breaks',
};

/** Why a school is followed; shown beside the choice. */
export const houseRuleReasons: { [K in keyof HouseRules]: Record<HouseRules[K], string> } = {
  explosive: {
    first: 'Fresh muscles move fast: speed work before anything tires them.',
    closing: 'A short jump circuit at the end finishes the session when power is not the aim.',
  },
  format: {
    straight: 'One thing at a time: easiest to follow alone.',
    pairs: 'One muscle group rests while another works: more in the same time.',
    rounds: 'Two or three in rounds: most work for the time, more to remember.',
    circuits: 'Round after round: short, social, little rest.',
    timed: 'Forty seconds on, twenty off: no counting, one clock for a whole group.',
    free: 'Whichever makes the better session.',
  },
  doseBy: {
    reps: 'Counted repetitions: easy to log and progress.',
    time: 'Seconds on a clock: no counting, good for groups.',
    reserve: 'Stop some repetitions short of failure: adapts to the day.',
  },
  lightLoads: {
    fast: 'A light weight moved as fast as possible trains speed.',
    reps: 'A light weight for many repetitions trains endurance.',
    slow: 'A slow eccentric and a pause make a light weight harder.',
  },
  secondSide: {
    equal: 'Both sides get the same.',
    'weaker-first': 'The weaker side starts and sets the number.',
    extra: 'The weaker side gets one more set to catch up.',
  },
  correspondence: {
    even: 'Movement and loading of the sport count equally.',
    movement: 'Movement similarity transfers best: posture and direction first.',
    force: 'Loading similarity transfers best: technique comes from practice.',
  },
  away: {
    hold: 'Unsupervised at home: maintain, and work on weak spots.',
    build: 'Home is the main training: more sets of the main lifts.',
    learn: 'Time alone is time for skill: drills of the sport join strength work.',
  },
  kneeTravel: {
    free: 'Knees that travel under control get strong there.',
    'over-ankle': 'An upright shin loads the hip and spares the knee.',
  },
  squatDepth: {
    level: 'Thighs level: enough for most, easy to check.',
    below: 'A little deeper trains the hip more.',
    deep: 'The whole range gets strong, as far as form holds.',
  },
  squatFeet: {
    straight: 'Straight feet train the line of running and landing.',
    out: 'Toes out give the hips room.',
  },
  stretching: {
    dynamic: 'Moving stretches only: long holds take power for a while.',
    short: 'Short holds do no harm and feel good.',
    long: 'Held stretches belong to the warm-up where range is trained.',
  },
  armWork: {
    include: 'Elbow work balances pulling and pushing.',
    'leave-out': 'Rows and presses train the arms; the minutes go elsewhere.',
  },
  formBreak: {
    end: 'Nobody is watching, so the set ends when form breaks.',
    pause: 'A short break lets the athlete finish the set well.',
  },
};

export const defaultHouseRules: HouseRules = {
  explosive: 'first',
  format: 'pairs',
  doseBy: 'reps',
  lightLoads: 'fast',
  secondSide: 'equal',
  correspondence: 'even',
  away: 'hold',
  kneeTravel: 'free',
  squatDepth: 'level',
  squatFeet: 'straight',
  stretching: 'dynamic',
  armWork: 'include',
  formBreak: 'end',
};
