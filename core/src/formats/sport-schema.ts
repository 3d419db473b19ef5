import { muscleMotions } from '../exercise/mechanics/muscles';
import { joints, patterns, planes, positions, regimes, regions, speeds } from '../exercise/model/vocabulary';
import { phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { actionSides, amplitudes, energies, forceAxes, forceRegions, maxImportance } from '../sport/profile';
import { between, oneOf } from './json-schema';
import { sportFormat } from './sport';
import { sportLimits } from './sport-fields';

const text = (maxLength: number) => ({ type: 'string', minLength: 1, maxLength, pattern: '\\S' });
const id = { type: 'string', maxLength: 40, pattern: '^[a-z0-9]+(-[a-z0-9]+)*$' };
const list = (items: object, maxItems: number, minItems = 0) => ({ type: 'array', items, minItems, maxItems });
const closed = (properties: object, optional: readonly string[] = []) => ({
  type: 'object',
  properties,
  required: Object.keys(properties).filter((key) => !optional.includes(key)),
  additionalProperties: false,
});

const span = (most: number) => list(between(0, most), 2, 2);

const joint = {
  ...closed({
    joint: oneOf(joints),
    action: { type: 'string' },
    regime: oneOf(regimes),
    at: oneOf(forceRegions),
  }),
  oneOf: Object.entries(muscleMotions).map(([name, motions]) => ({
    properties: { joint: { const: name }, action: oneOf(motions) },
  })),
};

const points = between(0, maxImportance);

const profile = {
  id,
  name: text(60),
  roles: list(closed({ id, name: text(40) }), sportLimits.roles, 1),
  actions: list(
    closed({
      id,
      name: text(60),
      short: text(16),
      phase: text(80),
      jointActions: list(joint, sportLimits.joints, 1),
      speed: oneOf(speeds),
      amplitude: oneOf(amplitudes),
      planes: list(oneOf(planes), planes.length, 1),
      force: list(oneOf(forceAxes), forceAxes.length, 1),
      position: oneOf(positions),
      side: oneOf(actionSides),
      energy: oneOf(energies),
      asked: { type: 'object', additionalProperties: closed({ often: points, decisive: points }) },
    }),
    sportLimits.actions,
    1,
  ),
  riskSites: list(
    closed({
      region: oneOf(regions),
      why: text(120),
      answers: list(
        closed({ pattern: oneOf(patterns), worth: between(0, 1), regime: oneOf(regimes) }, ['regime']),
        sportLimits.answers,
        1,
      ),
      weight: between(1, 5),
      source: text(240),
    }),
    sportLimits.risks,
  ),
  overuse: list(
    closed({
      tooMuch: text(100),
      opposite: text(100),
      patterns: list(oneOf(patterns), sportLimits.answers, 1),
    }),
    sportLimits.overuse,
  ),
  signature: list(
    closed(
      {
        id,
        name: text(80),
        reason: text(240),
        kind: oneOf(['drills', 'range']),
        weight: { enum: [1, 2, 3] },
        roles: list(id, sportLimits.roles),
        roleWeights: { type: 'object', additionalProperties: { enum: [1, 2, 3] } },
        types: list(oneOf(sessionTypes), sessionTypes.length, 1),
        parts: list(list(text(60), sportLimits.rungs, 1), sportLimits.ladders, 1),
        phases: list(oneOf(phases), phases.length),
        sets: span(10),
        reps: span(100),
        seconds: span(600),
        contacts: span(200),
        perWeek: list(between(0, sportLimits.perWeek), 2, 2),
        own: list(text(60), sportLimits.rungs),
        source: text(240),
      },
      ['kind', 'roles', 'roleWeights', 'phases', 'sets', 'reps', 'seconds', 'contacts', 'own', 'source'],
    ),
    sportLimits.rows,
  ),
  sides: text(160),
  habits: list(text(160), sportLimits.lines),
  sources: list(text(240), sportLimits.lines),
};

/** JSON Schema 2020-12 of a sport profile; that ids are there once and roles are known only the reader can tell. */
export const sportSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: sportFormat,
  title: 'Sport profile: what a sport asks of its roles, and where it injures',
  ...closed({ format: { const: sportFormat }, ...profile }, ['signature']),
};

/** The same inside a brief, where the format is that of the brief. */
export const broughtProfileSchema = closed(profile, ['signature']);
