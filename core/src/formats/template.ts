import * as yup from 'yup';
import { zones } from '../dose/zone';
import { blockKinds, patterns } from '../exercise/model/vocabulary';
import { houseRuleChoices } from '../session/brief/house-rules';
import { preparedJoints } from '../session/scoring/joint-load';
import type { Template } from '../session/squad/template';
import { aims } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { anyOf, issuesOf, list, number, object, text, type ValidationIssue } from './validation';

const slot = object({
  block: anyOf(blockKinds).required('is required'),
  variant: yup.string().required('is required').max(80, 'must be 80 characters or fewer'),
  name: yup.string().required('is required').max(120, 'must be 120 characters or fewer'),
  pattern: anyOf(patterns).required('is required'),
  sets: number(1, 20, 'sets').integer('must be a whole number').required('is required'),
  fast: yup.boolean().required('is required'),
  zone: anyOf(Object.keys(zones)),
  joints: object(
    Object.fromEntries(preparedJoints.map((joint) => [joint, number(0, 100, 'fractions of max')])),
  ).required('is required'),
}).noUnknown();

const schema = object({
  name: text(80).required('is required'),
  sessionType: anyOf(sessionTypes),
  aim: anyOf(aims).required('is required'),
  minutes: number(5, 180, 'minutes').required('is required'),
  houseRules: object(
    Object.fromEntries(
      Object.entries(houseRuleChoices).map(([rule, choices]) => [rule, anyOf(choices).required('is required')]),
    ),
  ).required('is required'),
  slots: list(slot).min(1, 'must hold at least one').max(20, 'must hold 20 or fewer').required('is required'),
}).noUnknown();

/**
 * Reads a template as an editor sends it: the template, or every fault with its path.
 *
 * @example readTemplate({}) // { faults: [{ path: 'name', message: 'is required' }, ...] }
 */
export function readTemplate(value: unknown): { template: Template } | { faults: ValidationIssue[] } {
  try {
    return {
      template: schema.validateSync(value ?? {}, { abortEarly: false, stripUnknown: true }) as unknown as Template,
    };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    return { faults: issuesOf(error) };
  }
}
