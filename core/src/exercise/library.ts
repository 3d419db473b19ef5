import adductor from './library/adductor';
import ankleRock from './library/ankle-rock';
import armBrake from './library/arm-brake';
import armRotation from './library/arm-rotation';
import backRaise from './library/back-raise';
import bandPressOut from './library/band-press-out';
import birdDog from './library/bird-dog';
import bridge from './library/bridge';
import burpee from './library/burpee';
import calfRaise from './library/calf-raise';
import catCamel from './library/cat-camel';
import coolStretches from './library/cool-stretches';
import curlUp from './library/curl-up';
import deadBug from './library/dead-bug';
import hinge from './library/hinge';
import hipOpener from './library/hip-opener';
import hipSide from './library/hip-side';
import jump from './library/jump';
import landing from './library/landing';
import legCurl from './library/leg-curl';
import legSwing from './library/leg-swing';
import march from './library/march';
import neckHold from './library/neck-hold';
import overheadPress from './library/overhead-press';
import paddleStroke from './library/paddle-stroke';
import plank from './library/plank';
import pogo from './library/pogo';
import proneLetters from './library/prone-letters';
import pullUp from './library/pull-up';
import pushPress from './library/push-press';
import pushUp from './library/push-up';
import quickFeet from './library/quick-feet';
import row from './library/row';
import sideLunge from './library/side-lunge';
import sidePlank from './library/side-plank';
import singleLegStand from './library/single-leg-stand';
import splitSquat from './library/split-squat';
import squat from './library/squat';
import squatReach from './library/squat-reach';
import stepDown from './library/step-down';
import stepJack from './library/step-jack';
import swing from './library/swing';
import towelThrow from './library/towel-throw';
import wallSlide from './library/wall-slide';
import type { Variant } from './variant';

/** Every variant that ships, families in the order a session runs. */
export const library: readonly Variant[] = [
  ...adductor,
  ...ankleRock,
  ...armBrake,
  ...armRotation,
  ...backRaise,
  ...bandPressOut,
  ...birdDog,
  ...bridge,
  ...burpee,
  ...calfRaise,
  ...catCamel,
  ...coolStretches,
  ...curlUp,
  ...deadBug,
  ...hinge,
  ...hipOpener,
  ...hipSide,
  ...jump,
  ...landing,
  ...legCurl,
  ...legSwing,
  ...march,
  ...neckHold,
  ...overheadPress,
  ...paddleStroke,
  ...plank,
  ...pogo,
  ...proneLetters,
  ...pullUp,
  ...pushPress,
  ...pushUp,
  ...quickFeet,
  ...row,
  ...sideLunge,
  ...sidePlank,
  ...singleLegStand,
  ...splitSquat,
  ...squatReach,
  ...squat,
  ...stepDown,
  ...stepJack,
  ...swing,
  ...towelThrow,
  ...wallSlide,
];

const byId = new Map(library.map((variant) => [variant.id, variant]));

/**
 * The variant of that id, or undefined.
 *
 * @example variantById('push-up')?.family // 'push-up'
 */
export function variantById(id: string): Variant | undefined {
  return byId.get(id);
}
