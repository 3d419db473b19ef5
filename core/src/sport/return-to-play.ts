import { type Athlete, standingsOn } from '../athlete/athlete';
import { partWords } from '../common/text';
import type { Region } from '../exercise/model/vocabulary';
import type { Answer, RiskSite } from './profile';

const practice = 'common practice, no source';

interface Return {
  answers: readonly Answer[];
  why: string;
  source: string;
}

/** What brings an injured part back, first steps first; figures from memory. */
const returns: Record<Region, Return> = {
  neck: {
    answers: [
      { pattern: 'neck-flexion', worth: 1, regime: 'holding' },
      { pattern: 'neck-extension', worth: 1, regime: 'holding' },
      { pattern: 'neck-lateral', worth: 0.8, regime: 'holding' },
      { pattern: 'scapular', worth: 0.5 },
    ],
    why: 'holds in the middle position bring its strength back',
    source: 'Jull 2009',
  },
  shoulder: {
    answers: [
      { pattern: 'shoulder-external-rotation', worth: 1 },
      { pattern: 'shoulder-internal-rotation', worth: 0.7 },
      { pattern: 'scapular', worth: 0.8 },
      { pattern: 'horizontal-pull', worth: 0.5 },
    ],
    why: 'holds and slow turning at the side come before anything raised or fast',
    source: 'Ellenbecker and Cools 2010',
  },
  elbow: {
    answers: [
      { pattern: 'grip', worth: 1 },
      { pattern: 'elbow-flexion', worth: 0.5 },
      { pattern: 'elbow-extension', worth: 0.4 },
    ],
    why: 'slow loading of the forearm comes first',
    source: 'Peterson 2014',
  },
  wrist: {
    answers: [{ pattern: 'grip', worth: 1 }],
    why: 'light holds with a straight wrist come first',
    source: practice,
  },
  'upper-back': {
    answers: [
      { pattern: 'horizontal-pull', worth: 1 },
      { pattern: 'scapular', worth: 0.8 },
    ],
    why: 'light pulling and moving are the treatment',
    source: practice,
  },
  'lower-back': {
    answers: [
      { pattern: 'anti-extension', worth: 1 },
      { pattern: 'anti-rotation', worth: 0.9 },
      { pattern: 'anti-lateral-flexion', worth: 0.9 },
      { pattern: 'hip-dominant', worth: 0.6 },
      { pattern: 'trunk-flexion', worth: 0.5, regime: 'holding' },
    ],
    why: 'short holds with a still back, then the hinge',
    source: 'McGill 2007',
  },
  hip: {
    answers: [
      { pattern: 'hip-abduction', worth: 1 },
      { pattern: 'hip-dominant', worth: 0.8 },
      { pattern: 'balance', worth: 0.4 },
    ],
    why: 'the side and the back of the hip carry before it bends deep',
    source: 'Mellor 2018',
  },
  groin: {
    answers: [
      { pattern: 'hip-adduction', worth: 1, regime: 'holding' },
      { pattern: 'hip-abduction', worth: 0.5 },
      { pattern: 'hip-dominant', worth: 0.3 },
    ],
    why: 'squeezes first, then the weight of the leg',
    source: 'Holmich 1999',
  },
  hamstring: {
    answers: [
      { pattern: 'knee-flexion', worth: 1, regime: 'holding' },
      { pattern: 'hip-dominant', worth: 0.7 },
    ],
    why: 'holds at mid length before length, length before speed',
    source: 'Askling 2013',
  },
  knee: {
    answers: [
      { pattern: 'knee-dominant', worth: 1, regime: 'holding' },
      { pattern: 'hip-dominant', worth: 0.6 },
      { pattern: 'hip-abduction', worth: 0.5 },
      { pattern: 'balance', worth: 0.4 },
    ],
    why: 'holds and two-legged work in a small range before one leg, speed and landing',
    source: 'van Melick 2016',
  },
  calf: {
    answers: [{ pattern: 'calf', worth: 1 }],
    why: 'raises on two legs, slow, before one leg and hops',
    source: 'Silbernagel 2007',
  },
  ankle: {
    answers: [
      { pattern: 'balance', worth: 1 },
      { pattern: 'calf', worth: 0.8 },
    ],
    why: 'balance and calf strength keep it from turning again',
    source: 'Vuurberg 2018',
  },
  foot: {
    answers: [
      { pattern: 'balance', worth: 1 },
      { pattern: 'calf', worth: 0.9 },
    ],
    why: 'the small muscles and slow raises come first',
    source: 'Rathleff 2015',
  },
};

/** A part that is limited and comes back counts more than the gravest risk of the sport, which is 5; common practice, no source. */
const returnWeight = 8;

/**
 * What the limited parts of an athlete need on a day, one of each: the ladder that brings them back. Nothing for what may not be loaded at all.
 *
 * @example returningRegions(athlete, '2026-12-09')[0] // { name: 'left knee', risk: { region: 'knee', ... } }
 */
export function returningRegions(athlete: Athlete, day: string): { name: string; risk: RiskSite }[] {
  const limited = standingsOn(athlete, day).filter(
    ({ severity, cause }) => severity === 'limit' && cause !== 'concussion' && cause !== 'bone-stress',
  );
  const first = limited.filter(({ region }, i) => limited.findIndex((l) => l.region === region) === i);
  return first.map(({ region, side }) => {
    const { answers, why, source } = returns[region];
    const name = partWords({ region, side });
    return { name, risk: { region, answers, why, weight: returnWeight, source: `${source} (values from memory)` } };
  });
}
