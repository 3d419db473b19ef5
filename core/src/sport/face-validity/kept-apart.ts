import type { Row } from './rows';

/** Twenty more, each between two exercises of the same joints; not looked at while the criteria and their weights were settled. */
export const keptApart: readonly Row[] = [
  ['skating', 'low-glide', 'single-leg-wall-sit', 'single-leg-jump', 'held deep on one leg, not jumped'],
  ['distance-running', 'push-off', 'single-leg-calf-raise', 'tiptoe-hold', 'the ankle moves'],
  ['basketball', 'two-foot-jump', 'squat-jump', 'wall-sit-high', 'fast, through the range'],
  ['rowing', 'leg-drive', 'squat', 'wall-sit', 'shortening, not holding'],
  ['weapon-combat', 'lunge', 'split-jump', 'split-squat-hold', 'fast'],
  ['grappling-combat', 'pull-in', 'one-arm-chair-row', 'slow-bar-lowering', 'shortening, front to back'],
  ['climbing', 'lock-off', 'pull-up', 'hand-weight-curl', 'hanging, shoulder and elbow together'],
  ['nordic-skiing', 'kick', 'forward-hop-stick', 'calf-raise', 'fast, hip and ankle'],
  ['gymnastics', 'rebound', 'pogo-jump', 'squat', 'short contact'],
  ['dance', 'rise', 'single-leg-calf-raise', 'calf-raise', 'on one leg'],
  ['volleyball', 'block-jump', 'squat-jump', 'squat', 'fast'],
  ['football', 'stop', 'drop-to-single-leg', 'low-step-up', 'lengthening, fast'],
  ['field-hockey', 'low-stance', 'wall-sit', 'countermovement-jump', 'held'],
  ['aiming', 'stance', 'single-leg-stand', 'single-leg-pogo', 'still'],
  ['aiming', 'draw-hold', 'prone-arm-letters', 'band-pull-apart-fast', 'held, slow'],
  ['sailing', 'hike', 'sitting-lean-back', 'v-sit-up', 'held, sitting'],
  ['swimming', 'wall-turn', 'squat-jump', 'slow-pause-squat', 'fast'],
  ['striking-combat', 'footwork', 'pogo-jump', 'calf-raise', 'stretch and shortening'],
  ['small-court-racket', 'lunge-return', 'forward-lunge', 'wall-sit', 'moves out of the lunge'],
  ['cycling', 'pelvis-still', 'side-plank', 'side-lunge', 'held'],
];
