import type { Region } from '../exercise/model/vocabulary';
import type { Answer, RiskSite } from './profile';

interface Guard {
  region: Region;
  answers: readonly Answer[];
  source: string;
}

const practice = 'common practice, no source';

/** What answers an injury that several sports share, and where that is known from; all figures are values from memory. */
const guards = {
  'knee-landing': {
    region: 'knee',
    answers: [
      { pattern: 'landing', worth: 1 },
      { pattern: 'balance', worth: 0.8 },
      { pattern: 'hop', worth: 0.7 },
      { pattern: 'knee-dominant', worth: 0.5 },
      { pattern: 'hip-abduction', worth: 0.5 },
      { pattern: 'knee-flexion', worth: 0.5 },
    ],
    source:
      'Olsen 2005, Myklebust 2003: balance and landing training about halves knee and ankle injuries in handball (value from memory)',
  },
  'knee-front': {
    region: 'knee',
    answers: [
      { pattern: 'knee-dominant', worth: 1, regime: 'lengthening' },
      { pattern: 'hip-abduction', worth: 0.7 },
      { pattern: 'hip-dominant', worth: 0.5 },
      { pattern: 'calf', worth: 0.3 },
    ],
    source:
      'Lauersen 2014: strength training almost halves overuse injuries over all sports; hip and knee work for the kneecap: Collins 2018 consensus (values from memory)',
  },
  'hamstring-sprint': {
    region: 'hamstring',
    answers: [
      { pattern: 'knee-flexion', worth: 1, regime: 'lengthening' },
      { pattern: 'hip-dominant', worth: 0.6 },
    ],
    source: 'van Dyk 2019: lowering on the knees about halves hamstring injuries (value from memory)',
  },
  groin: {
    region: 'groin',
    answers: [
      { pattern: 'hip-adduction', worth: 1 },
      { pattern: 'anti-lateral-flexion', worth: 0.4 },
      { pattern: 'trunk-flexion', worth: 0.3 },
    ],
    source: 'Haroy 2019: adductor lowering lowered groin problems by about 41 % (value from memory)',
  },
  'ankle-sprain': {
    region: 'ankle',
    answers: [
      { pattern: 'balance', worth: 1 },
      { pattern: 'calf', worth: 0.6 },
      { pattern: 'hop', worth: 0.6 },
      { pattern: 'landing', worth: 0.5 },
    ],
    source: 'Verhagen 2004: balance training lowers ankle sprains in those who had one before (value from memory)',
  },
  achilles: {
    region: 'calf',
    answers: [
      { pattern: 'calf', worth: 1, regime: 'lengthening' },
      { pattern: 'hop', worth: 0.4 },
    ],
    source: 'Alfredson 1998: slow eccentrics off a step for the Achilles tendon (value from memory)',
  },
  'shin-foot': {
    region: 'foot',
    answers: [
      { pattern: 'balance', worth: 1 },
      { pattern: 'calf', worth: 0.9 },
      { pattern: 'hop', worth: 0.4 },
    ],
    source: 'Taddei 2020: foot strengthening lowered running injuries about 2.4-fold (value from memory)',
  },
  'shoulder-throw': {
    region: 'shoulder',
    answers: [
      { pattern: 'shoulder-external-rotation', worth: 1 },
      { pattern: 'scapular', worth: 0.8 },
      { pattern: 'horizontal-pull', worth: 0.5 },
    ],
    source:
      'Andersson 2017: a shoulder programme lowered overuse problems in handball by about 28 % (value from memory)',
  },
  'shoulder-water': {
    region: 'shoulder',
    answers: [
      { pattern: 'shoulder-external-rotation', worth: 1 },
      { pattern: 'scapular', worth: 1 },
      { pattern: 'horizontal-pull', worth: 0.6 },
    ],
    source: 'Batalha 2015: work for the outward rotators keeps the balance of swimmers’ shoulders (value from memory)',
  },
  'shoulder-contact': {
    region: 'shoulder',
    answers: [
      { pattern: 'scapular', worth: 1 },
      { pattern: 'shoulder-external-rotation', worth: 0.8 },
      { pattern: 'horizontal-push', worth: 0.6 },
      { pattern: 'horizontal-pull', worth: 0.6 },
    ],
    source: practice,
  },
  'elbow-throw': {
    region: 'elbow',
    answers: [
      { pattern: 'grip', worth: 0.9 },
      { pattern: 'shoulder-external-rotation', worth: 0.8 },
      { pattern: 'scapular', worth: 0.6 },
      { pattern: 'elbow-flexion', worth: 0.5 },
    ],
    source:
      'Sakata 2019: a programme for shoulder, trunk and hips about halved elbow and shoulder injuries of young throwers (value from memory)',
  },
  'elbow-grip': {
    region: 'elbow',
    answers: [
      { pattern: 'grip', worth: 1, regime: 'lengthening' },
      { pattern: 'elbow-flexion', worth: 0.4 },
      { pattern: 'scapular', worth: 0.4 },
    ],
    source: 'Tyler 2010: lowering work for the wrist extensors settles the outer elbow (value from memory)',
  },
  wrist: {
    region: 'wrist',
    answers: [
      { pattern: 'grip', worth: 1 },
      { pattern: 'scapular', worth: 0.3 },
    ],
    source: practice,
  },
  'back-bent': {
    region: 'lower-back',
    answers: [
      { pattern: 'trunk-extension', worth: 1 },
      { pattern: 'anti-rotation', worth: 0.8 },
      { pattern: 'anti-lateral-flexion', worth: 0.8 },
      { pattern: 'hip-dominant', worth: 0.6 },
    ],
    source: 'Perich 2011: trunk and hip conditioning lowered back pain of young rowers (value from memory)',
  },
  'back-arched': {
    region: 'lower-back',
    answers: [
      { pattern: 'anti-extension', worth: 1 },
      { pattern: 'anti-lateral-flexion', worth: 0.9 },
      { pattern: 'anti-rotation', worth: 0.9 },
      { pattern: 'trunk-flexion', worth: 0.5 },
      { pattern: 'hip-dominant', worth: 0.4 },
    ],
    source: practice,
  },
  'back-turned': {
    region: 'lower-back',
    answers: [
      { pattern: 'anti-rotation', worth: 1 },
      { pattern: 'rotation', worth: 0.6 },
      { pattern: 'anti-lateral-flexion', worth: 0.8 },
      { pattern: 'trunk-extension', worth: 0.7 },
    ],
    source: practice,
  },
  'neck-contact': {
    region: 'neck',
    answers: [
      { pattern: 'neck-flexion', worth: 1 },
      { pattern: 'neck-extension', worth: 1 },
      { pattern: 'neck-lateral', worth: 1 },
    ],
    source: 'Collins 2014: a stronger neck goes with fewer concussions in school sport (value from memory)',
  },
  'neck-held': {
    region: 'neck',
    answers: [
      { pattern: 'neck-extension', worth: 0.8 },
      { pattern: 'neck-flexion', worth: 1 },
      { pattern: 'scapular', worth: 0.6 },
    ],
    source: practice,
  },
  'hip-side': {
    region: 'hip',
    answers: [
      { pattern: 'hip-abduction', worth: 1 },
      { pattern: 'balance', worth: 0.5 },
      { pattern: 'anti-lateral-flexion', worth: 0.5 },
    ],
    source: 'Fredericson 2000: hip abductor work settled the outer thigh of runners (value from memory)',
  },
  'hip-front': {
    region: 'hip',
    answers: [
      { pattern: 'hip-dominant', worth: 1 },
      { pattern: 'trunk-flexion', worth: 0.6 },
      { pattern: 'hip-abduction', worth: 0.6 },
      { pattern: 'hip-adduction', worth: 0.5 },
    ],
    source: practice,
  },
  'upper-back': {
    region: 'upper-back',
    answers: [
      { pattern: 'horizontal-pull', worth: 1 },
      { pattern: 'scapular', worth: 1 },
      { pattern: 'trunk-extension', worth: 0.6 },
      { pattern: 'mobility', worth: 0.3 },
    ],
    source: practice,
  },
} as const satisfies Record<string, Guard>;

/**
 * A risk of one sport: the shared injury, how much it weighs here (1 to 5), and why this sport has it.
 *
 * @example guard('groin', 2, 'side cuts').region // 'groin'
 */
export function guard(id: keyof typeof guards, weight: number, why: string, source?: string): RiskSite {
  const { region, answers, source: known } = guards[id];
  return { region, why, answers, weight, source: source ?? known };
}

/** What sports do too much of; the words are shared, so that the same thing is said the same way. */
export const overuses = {
  frontThigh: {
    tooMuch: 'pushing off the front of the thigh',
    opposite: 'back of the thigh',
    patterns: ['knee-flexion', 'hip-dominant'],
  },
  throwingArm: {
    tooMuch: 'throwing forwards with one arm',
    opposite: 'back of the shoulder and the other arm',
    patterns: ['horizontal-pull', 'shoulder-external-rotation', 'scapular'],
  },
  bentForward: {
    tooMuch: 'sitting and working bent forwards',
    opposite: 'extension of the trunk and the front of the hip opened',
    patterns: ['trunk-extension', 'hip-dominant', 'scapular'],
  },
  arched: {
    tooMuch: 'arching the lower back',
    opposite: 'the front of the trunk that holds against it',
    patterns: ['anti-extension', 'trunk-flexion'],
  },
  pulling: {
    tooMuch: 'pulling with arms and back',
    opposite: 'pushing, and turning the arms outwards',
    patterns: ['horizontal-push', 'vertical-push', 'shoulder-external-rotation'],
  },
  pushing: {
    tooMuch: 'pushing and punching forwards',
    opposite: 'pulling, and the back of the shoulder',
    patterns: ['horizontal-pull', 'scapular', 'shoulder-external-rotation'],
  },
  inwardArms: {
    tooMuch: 'pulling the arms down and inwards',
    opposite: 'turning them outwards, blades back',
    patterns: ['shoulder-external-rotation', 'scapular', 'horizontal-pull'],
  },
  straightAhead: {
    tooMuch: 'moving straight ahead only',
    opposite: 'the sides of the hip, and the trunk that does not sway',
    patterns: ['hip-abduction', 'hip-adduction', 'anti-lateral-flexion'],
  },
  oneSideTurn: {
    tooMuch: 'turning to one side',
    opposite: 'turning back, and a trunk that refuses to turn',
    patterns: ['anti-rotation', 'rotation'],
  },
  tiptoe: {
    tooMuch: 'calves and the front of the foot',
    opposite: 'shin, and the hip that carries',
    patterns: ['balance', 'hip-abduction', 'hip-dominant'],
  },
  gripping: {
    tooMuch: 'gripping',
    opposite: 'opening the hand and pushing',
    patterns: ['grip', 'horizontal-push'],
  },
} as const;
