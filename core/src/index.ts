/**
 * What the package promises to others: documents in and out, and the work done on them. Everything else may move between versions.
 *
 * @example compose(brief, solver).proof.gap < 0.05 // true
 */
export { scaledBody } from './body/segments';
export { capacityOf } from './capacity/capacity-of';
export { predicted } from './capacity/predict';
export { catalogueOf } from './exercise/catalogue/catalogue';
export { library, variantById } from './exercise/library/library';
export { bodyReport } from './formats/body-report';
export { readBrief, writeBrief } from './formats/brief';
export { readCalendar } from './formats/calendar';
export { readDecisionCase } from './formats/decision-case';
export { listedSport, listedVariant } from './formats/listing';
export { readSport, readSportText, writeSport } from './formats/sport';
export type { ValidationIssue } from './formats/validation';
export { feasibility } from './kit/feasible';
export { decide } from './progress/decide';
export { planOfCase } from './season/scheduler/case-plan';
export type { Brief } from './session/brief/brief';
export { compose } from './session/composer/compose';
export { type Context, contextOf } from './session/context/context';
export type { Draft } from './session/draft/draft';
export { planOf } from './session/plan/plan';
export type { Plan, RefusedPlan } from './session/plan/plan-types';
export { highsSolver } from './session/search/highs-solver';
export type { SportProfile } from './sport/profile';
export { sportById, sports } from './sport/sports';
