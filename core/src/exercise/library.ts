import { laddered } from './ladders';
import adductor from './library/adductor';
import aimDrill from './library/aim-drill';
import ankleBand from './library/ankle-band';
import ankleRock from './library/ankle-rock';
import ankleWeight from './library/ankle-weight';
import arabesque from './library/arabesque';
import armBrake from './library/arm-brake';
import armCircle from './library/arm-circle';
import armInnerRotation from './library/arm-inner-rotation';
import armRotation from './library/arm-rotation';
import backBend from './library/back-bend';
import backRaise from './library/back-raise';
import bagLift from './library/bag-lift';
import ballTuck from './library/ball-tuck';
import bandLeg from './library/band-leg';
import bandPress from './library/band-press';
import bandPressOut from './library/band-press-out';
import bandPullApart from './library/band-pull-apart';
import bandSwing from './library/band-swing';
import bandWalk from './library/band-walk';
import barLift from './library/bar-lift';
import bearHold from './library/bear-hold';
import birdDog from './library/bird-dog';
import boatDrill from './library/boat-drill';
import bodyRow from './library/body-row';
import bound from './library/bound';
import bridge from './library/bridge';
import burpee from './library/burpee';
import calfRaise from './library/calf-raise';
import catCamel from './library/cat-camel';
import chop from './library/chop';
import copenhagen from './library/copenhagen';
import courtDrill from './library/court-drill';
import crawl from './library/crawl';
import crossLunge from './library/cross-lunge';
import cuffWall from './library/cuff-wall';
import curl from './library/curl';
import curlUp from './library/curl-up';
import deadBug from './library/dead-bug';
import dip from './library/dip';
import drawHold from './library/draw-hold';
import easyStretch from './library/easy-stretch';
import elbowPress from './library/elbow-press';
import endRangeLift from './library/end-range-lift';
import fastStepUp from './library/fast-step-up';
import floorPress from './library/floor-press';
import footPattern from './library/foot-pattern';
import getUp from './library/get-up';
import grapplingDrill from './library/grappling-drill';
import gripHold from './library/grip-hold';
import groundDrill from './library/ground-drill';
import handDrill from './library/hand-drill';
import hiking from './library/hiking';
import hinge from './library/hinge';
import hingeDrill from './library/hinge-drill';
import hipCircle from './library/hip-circle';
import hipFlexion from './library/hip-flexion';
import hipOpener from './library/hip-opener';
import hipSide from './library/hip-side';
import hipStretch from './library/hip-stretch';
import hipThrust from './library/hip-thrust';
import hollow from './library/hollow';
import jointDrill from './library/joint-drill';
import jump from './library/jump';
import kick from './library/kick';
import kickBack from './library/kick-back';
import kneeStraighten from './library/knee-straighten';
import kneelingLeanBack from './library/kneeling-lean-back';
import landing from './library/landing';
import legCurl from './library/leg-curl';
import legLowering from './library/leg-lowering';
import legSwing from './library/leg-swing';
import lineHop from './library/line-hop';
import loadDeadlift from './library/load-deadlift';
import lunge from './library/lunge';
import lungeMatrix from './library/lunge-matrix';
import march from './library/march';
import neckExtension from './library/neck-extension';
import neckHold from './library/neck-hold';
import neckSide from './library/neck-side';
import neckTurn from './library/neck-turn';
import oneSideCarry from './library/one-side-carry';
import openBook from './library/open-book';
import overheadPress from './library/overhead-press';
import paddleStroke from './library/paddle-stroke';
import partnerHipPress from './library/partner-hip-press';
import plank from './library/plank';
import plankMove from './library/plank-move';
import pogo from './library/pogo';
import proneLetters from './library/prone-letters';
import pronePull from './library/prone-pull';
import pullThrough from './library/pull-through';
import pullUpLadder from './library/pull-up-ladder';
import punch from './library/punch';
import pushPress from './library/push-press';
import pushUp from './library/push-up';
import quickFeet from './library/quick-feet';
import racketSwing from './library/racket-swing';
import reachBalance from './library/reach-balance';
import rearShoulder from './library/rear-shoulder';
import rollOut from './library/roll-out';
import roller from './library/roller';
import rollerParts from './library/roller-parts';
import ropePattern from './library/rope-pattern';
import ropeSkip from './library/rope-skip';
import row from './library/row';
import rowHinge from './library/row-hinge';
import runDrill from './library/run-drill';
import runTechnique from './library/run-technique';
import scapularPushUp from './library/scapular-push-up';
import shadowBoxing from './library/shadow-boxing';
import shortFoot from './library/short-foot';
import shuttle from './library/shuttle';
import sideLunge from './library/side-lunge';
import sidePlank from './library/side-plank';
import sidePlankMove from './library/side-plank-move';
import singleLegSquat from './library/single-leg-squat';
import singleLegStand from './library/single-leg-stand';
import sittingTurn from './library/sitting-turn';
import splitSquat from './library/split-squat';
import splitStretch from './library/split-stretch';
import sportStep from './library/sport-step';
import squat from './library/squat';
import squatReach from './library/squat-reach';
import stageDrill from './library/stage-drill';
import stanceDrill from './library/stance-drill';
import stepDown from './library/step-down';
import stepJack from './library/step-jack';
import stepTouch from './library/step-touch';
import stepUp from './library/step-up';
import stretchHold from './library/stretch-hold';
import strikeDrill from './library/strike-drill';
import swimPull from './library/swim-pull';
import swimmerRaise from './library/swimmer-raise';
import swing from './library/swing';
import threeWayCalf from './library/three-way-calf';
import throwDrill from './library/throw-drill';
import throwRelease from './library/throw-release';
import toeRaise from './library/toe-raise';
import towelThrow from './library/towel-throw';
import trunkFloor from './library/trunk-floor';
import trunkTurn from './library/trunk-turn';
import turnBrake from './library/turn-brake';
import upperStretch from './library/upper-stretch';
import verticalPull from './library/vertical-pull';
import wallPass from './library/wall-pass';
import wallSit from './library/wall-sit';
import wallSlide from './library/wall-slide';
import wallWalk from './library/wall-walk';
import waterDrill from './library/water-drill';
import windDown from './library/wind-down';
import wristCurl from './library/wrist-curl';
import type { Variant } from './variant';

/** Every family that ships. */
const families: readonly (readonly Variant[])[] = [
  adductor,
  ankleRock,
  armBrake,
  armCircle,
  armInnerRotation,
  armRotation,
  backRaise,
  bagLift,
  bandPress,
  bandPressOut,
  bandPullApart,
  bearHold,
  birdDog,
  bodyRow,
  bridge,
  burpee,
  calfRaise,
  catCamel,
  chop,
  stretchHold,
  crawl,
  crossLunge,
  curl,
  curlUp,
  deadBug,
  dip,
  elbowPress,
  endRangeLift,
  fastStepUp,
  floorPress,
  getUp,
  grapplingDrill,
  gripHold,
  hinge,
  hingeDrill,
  hipOpener,
  hipSide,
  hipStretch,
  hipCircle,
  hipThrust,
  hollow,
  jump,
  kick,
  kneelingLeanBack,
  kneeStraighten,
  landing,
  legCurl,
  legLowering,
  legSwing,
  lineHop,
  lunge,
  march,
  neckExtension,
  neckHold,
  neckSide,
  oneSideCarry,
  openBook,
  overheadPress,
  paddleStroke,
  partnerHipPress,
  plank,
  pogo,
  proneLetters,
  pronePull,
  pullThrough,
  verticalPull,
  punch,
  pushPress,
  pushUp,
  quickFeet,
  racketSwing,
  rollOut,
  roller,
  ropeSkip,
  row,
  scapularPushUp,
  shortFoot,
  shuttle,
  sideLunge,
  sidePlank,
  singleLegSquat,
  singleLegStand,
  splitSquat,
  sittingTurn,
  sportStep,
  squat,
  squatReach,
  stepDown,
  stepJack,
  stepUp,
  swimPull,
  swimmerRaise,
  swing,
  throwRelease,
  toeRaise,
  towelThrow,
  trunkTurn,
  turnBrake,
  upperStretch,
  wallSit,
  wallSlide,
  wallWalk,
  wristCurl,
  ankleBand,
  ankleWeight,
  arabesque,
  backBend,
  ballTuck,
  bandLeg,
  bandSwing,
  bandWalk,
  barLift,
  bound,
  copenhagen,
  cuffWall,
  drawHold,
  easyStretch,
  footPattern,
  groundDrill,
  handDrill,
  hiking,
  hipFlexion,
  jointDrill,
  kickBack,
  loadDeadlift,
  lungeMatrix,
  neckTurn,
  plankMove,
  pullUpLadder,
  reachBalance,
  rearShoulder,
  rollerParts,
  ropePattern,
  rowHinge,
  runDrill,
  shadowBoxing,
  sidePlankMove,
  splitStretch,
  stepTouch,
  threeWayCalf,
  trunkFloor,
  wallPass,
  waterDrill,
  windDown,
  courtDrill,
  stanceDrill,
  runTechnique,
  throwDrill,
  boatDrill,
  stageDrill,
  aimDrill,
  strikeDrill,
];

/** Every variant that ships, each knowing its easier and harder neighbour. */
export const library: readonly Variant[] = laddered(families.flat());

const byId = new Map(library.map((variant) => [variant.id, variant]));

/**
 * The variant of that id, or undefined.
 *
 * @example variantById('push-up')?.family // 'push-up'
 */
export function variantById(id: string): Variant | undefined {
  return byId.get(id);
}
