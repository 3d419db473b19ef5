import { withProgressions } from '../model/progressions';
import type { Variant } from '../model/variant';
import adductor from './adductor';
import aimDrill from './aim-drill';
import ankleBand from './ankle-band';
import ankleRock from './ankle-rock';
import ankleWeight from './ankle-weight';
import arabesque from './arabesque';
import armBrake from './arm-brake';
import armCircle from './arm-circle';
import armInnerRotation from './arm-inner-rotation';
import armRotation from './arm-rotation';
import backBend from './back-bend';
import backRaise from './back-raise';
import bagLift from './bag-lift';
import ballTuck from './ball-tuck';
import bandLeg from './band-leg';
import bandPress from './band-press';
import bandPressOut from './band-press-out';
import bandPullApart from './band-pull-apart';
import bandSwing from './band-swing';
import bandWalk from './band-walk';
import barLift from './bar-lift';
import bearHold from './bear-hold';
import birdDog from './bird-dog';
import boatDrill from './boat-drill';
import bodyRow from './body-row';
import bound from './bound';
import bridge from './bridge';
import burpee from './burpee';
import calfRaise from './calf-raise';
import catCamel from './cat-camel';
import chop from './chop';
import copenhagen from './copenhagen';
import courtDrill from './court-drill';
import crawl from './crawl';
import crossLunge from './cross-lunge';
import cuffWall from './cuff-wall';
import curl from './curl';
import curlUp from './curl-up';
import deadBug from './dead-bug';
import dip from './dip';
import drawHold from './draw-hold';
import easyStretch from './easy-stretch';
import elbowPress from './elbow-press';
import endRangeLift from './end-range-lift';
import fastStepUp from './fast-step-up';
import floorPress from './floor-press';
import footPattern from './foot-pattern';
import getUp from './get-up';
import grapplingDrill from './grappling-drill';
import gripHold from './grip-hold';
import groundDrill from './ground-drill';
import handDrill from './hand-drill';
import hiking from './hiking';
import hinge from './hinge';
import hingeDrill from './hinge-drill';
import hipCircle from './hip-circle';
import hipFlexion from './hip-flexion';
import hipOpener from './hip-opener';
import hipSide from './hip-side';
import hipStretch from './hip-stretch';
import hipThrust from './hip-thrust';
import hollow from './hollow';
import jointDrill from './joint-drill';
import jump from './jump';
import kick from './kick';
import kickBack from './kick-back';
import kneeStraighten from './knee-straighten';
import kneelingLeanBack from './kneeling-lean-back';
import landing from './landing';
import legCurl from './leg-curl';
import legLowering from './leg-lowering';
import legSwing from './leg-swing';
import lineHop from './line-hop';
import loadDeadlift from './load-deadlift';
import lunge from './lunge';
import lungeMatrix from './lunge-matrix';
import march from './march';
import neckExtension from './neck-extension';
import neckHold from './neck-hold';
import neckSide from './neck-side';
import neckTurn from './neck-turn';
import oneSideCarry from './one-side-carry';
import openBook from './open-book';
import overheadPress from './overhead-press';
import paddleStroke from './paddle-stroke';
import partnerHipPress from './partner-hip-press';
import plank from './plank';
import plankMove from './plank-move';
import pogo from './pogo';
import proneLetters from './prone-letters';
import pronePull from './prone-pull';
import pullThrough from './pull-through';
import pullUpLadder from './pull-up-ladder';
import punch from './punch';
import pushPress from './push-press';
import pushUp from './push-up';
import quickFeet from './quick-feet';
import racketSwing from './racket-swing';
import reachBalance from './reach-balance';
import rearShoulder from './rear-shoulder';
import rollOut from './roll-out';
import roller from './roller';
import rollerParts from './roller-parts';
import ropePattern from './rope-pattern';
import ropeSkip from './rope-skip';
import row from './row';
import rowHinge from './row-hinge';
import runDrill from './run-drill';
import runTechnique from './run-technique';
import scapularPushUp from './scapular-push-up';
import shadowBoxing from './shadow-boxing';
import shortFoot from './short-foot';
import shuttle from './shuttle';
import sideLunge from './side-lunge';
import sidePlank from './side-plank';
import sidePlankMove from './side-plank-move';
import singleLegSquat from './single-leg-squat';
import singleLegStand from './single-leg-stand';
import sittingTurn from './sitting-turn';
import splitSquat from './split-squat';
import splitStretch from './split-stretch';
import sportStep from './sport-step';
import squat from './squat';
import squatReach from './squat-reach';
import stageDrill from './stage-drill';
import stanceDrill from './stance-drill';
import stepDown from './step-down';
import stepJack from './step-jack';
import stepTouch from './step-touch';
import stepUp from './step-up';
import stretchHold from './stretch-hold';
import strikeDrill from './strike-drill';
import swimPull from './swim-pull';
import swimmerRaise from './swimmer-raise';
import swing from './swing';
import threeWayCalf from './three-way-calf';
import throwDrill from './throw-drill';
import throwRelease from './throw-release';
import toeRaise from './toe-raise';
import towelThrow from './towel-throw';
import trunkFloor from './trunk-floor';
import trunkTurn from './trunk-turn';
import turnBrake from './turn-brake';
import upperStretch from './upper-stretch';
import verticalPull from './vertical-pull';
import wallPass from './wall-pass';
import wallSit from './wall-sit';
import wallSlide from './wall-slide';
import wallWalk from './wall-walk';
import waterDrill from './water-drill';
import windDown from './wind-down';
import wristCurl from './wrist-curl';

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
export const library: readonly Variant[] = withProgressions(families.flat());

const byId = new Map(library.map((variant) => [variant.id, variant]));

/**
 * The variant of that id, or undefined.
 *
 * @example variantById('push-up')?.family // 'push-up'
 */
export function variantById(id: string): Variant | undefined {
  return byId.get(id);
}
