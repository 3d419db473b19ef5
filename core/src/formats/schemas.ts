import { bandLevels } from '../body/band';
import { testIds } from '../capacity/battery';
import { workKinds } from '../dose/dose';
import { anchors, blockKinds, kitKinds, levels, patterns, planes, regions } from '../exercise/model/vocabulary';
import { fills } from '../kit/kit';
import { causes } from '../limits/causes';
import { movementGroupIds } from '../limits/groups';
import { setters, weightBearings } from '../limits/restriction';
import { decidedMoves } from '../progress/proposal';
import { houseRuleChoices } from '../session/brief/house-rules';
import { aims, phases } from '../session-type/aims-and-phases';
import { sessionTypes } from '../session-type/session-type';
import { sports } from '../sport/sports';
import { between, day, list, object, oneOf, text, yesNo } from './json-schema';
import { broughtProfileSchema } from './sport-schema';

const share = between(0, 1);
const side = oneOf(['left', 'right', 'both']);

/** JSON Schema 2020-12 of the brief document. */
export const briefSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'tropaeum-brief/1',
  title: 'Brief: what the coach knows',
  ...object(
    {
      format: { const: 'tropaeum-brief/1' },
      date: day,
      minutes: between(5, 180),
      aim: oneOf(aims),
      sessionType: oneOf(sessionTypes),
      focus: oneOf(regions),
      athlete: object(
        {
          heightCm: between(120, 220),
          massKg: between(25, 200),
          born: day,
          sex: oneOf(['female', 'male']),
          level: oneOf(levels),
          dominantSide: oneOf(['left', 'right']),
          restrictions: list(
            object(
              {
                region: oneOf(regions),
                side,
                severity: oneOf(['avoid', 'limit']),
                cause: oneOf(causes),
                reason: text,
                since: day,
                until: day,
                rangeDegrees: { type: 'array', items: between(-60, 180), minItems: 2, maxItems: 2 },
                weightBearing: oneOf(weightBearings),
                stage: { type: 'integer', minimum: 1, maximum: 5 },
                without: list(oneOf(movementGroupIds)),
                criteria: text,
                setBy: oneOf(setters),
              },
              ['region', 'severity'],
            ),
          ),
          readiness: object({
            ill: yesNo,
            sleepHours: between(0, 24),
            tight: yesNo,
            pain: list(object({ region: oneOf(regions), side, score: between(0, 10) }, ['region', 'score'])),
          }),
          tests: list(
            object(
              {
                variant: text,
                maxReps: { type: 'integer', minimum: 0, maximum: 300 },
                on: day,
                side: oneOf(['left', 'right']),
              },
              ['variant', 'maxReps'],
            ),
          ),
          history: list(object({ region: oneOf(regions), side, what: text, on: day }, ['region'])),
          battery: list(
            object({ test: oneOf(testIds), value: { type: 'number' }, side: oneOf(['left', 'right']), on: day }, [
              'test',
              'value',
              'on',
            ]),
          ),
          shown: list(
            object(
              {
                on: day,
                variant: text,
                side,
                loadKg: between(0, 300),
                band: object(
                  { growingN: between(0, 1000), earlyN: between(0, 1000), restM: between(0.05, 10), off: share },
                  ['growingN', 'earlyN', 'off'],
                ),
                counts: oneOf(['repetitions', 'seconds']),
                from: oneOf(['test', 'session']),
                sets: list(object({ amount: between(0, 1000), reserve: between(0, 10), cutShort: yesNo }, ['amount'])),
              },
              ['on', 'variant', 'side', 'counts', 'from', 'sets'],
            ),
          ),
        },
        ['heightCm', 'massKg', 'born'],
      ),
      sport: {
        ...object(
          {
            id: text,
            role: text,
            profile: broughtProfileSchema,
            moved: { type: 'object', additionalProperties: between(0, 1000) },
          },
          ['id'],
        ),
        anyOf: [{ properties: { id: oneOf(sports.map((s) => s.id)) } }, { required: ['profile'] }],
      },
      kit: object({
        items: list(
          object(
            {
              kind: oneOf(kitKinds),
              count: { type: 'integer', minimum: 1, maximum: 20 },
              massKg: between(0.05, 200),
              volumeL: between(0.1, 60),
              fill: oneOf(fills),
              level: oneOf(bandLevels),
              upToKg: between(1, 40),
              measured: object(
                {
                  restM: between(0.05, 10),
                  readings: list(
                    object({ lengthM: between(0.01, 20), forceN: between(0, 2000) }, ['lengthM', 'forceN']),
                  ),
                },
                ['restM', 'readings'],
              ),
            },
            ['kind'],
          ),
        ),
        anchors: list(oneOf(anchors)),
        partner: yesNo,
        room: object(
          {
            lengthM: between(0.5, 100),
            widthM: between(0.5, 100),
            ceilingM: between(1.5, 30),
            wall: yesNo,
            stairs: yesNo,
            slidingFloor: yesNo,
            quiet: yesNo,
          },
          ['lengthM', 'widthM'],
        ),
      }),
      season: object({
        phase: oneOf(phases),
        week: between(0, 60),
        lastFixture: day,
        nextFixture: day,
        spare: oneOf(['lower']),
        laid: object(
          {
            type: oneOf(sessionTypes),
            minutes: between(1, 180),
            heavyLower: between(0, 60),
            heavyUpper: between(0, 60),
            contacts: between(0, 400),
            eccentric: between(0, 60),
          },
          ['type', 'minutes', 'heavyLower', 'heavyUpper', 'contacts', 'eccentric'],
        ),
        recent: list(
          object(
            {
              date: day,
              minutes: between(0, 600),
              rpe: between(0, 10),
              aim: oneOf(aims),
              items: list(
                object(
                  {
                    variant: text,
                    sets: between(0, 20),
                    decided: oneOf(decidedMoves),
                    next: object({
                      variant: text,
                      kg: between(0, 300),
                      sets: between(1, 10),
                      amount: between(1, 600),
                      counts: oneOf(workKinds),
                      restSeconds: between(0, 600),
                    }),
                  },
                  ['variant', 'sets'],
                ),
              ),
            },
            ['date'],
          ),
        ),
      }),
      houseRules: object(
        Object.fromEntries(Object.entries(houseRuleChoices).map(([rule, choices]) => [rule, oneOf(choices)])),
      ),
      lock: object({
        include: list(text),
        exclude: list(text),
        doses: { type: 'object', additionalProperties: text },
        floors: list(object({ block: oneOf(blockKinds), need: text, least: between(0.1, 20) }, ['least'])),
      }),
      own: list(
        object(
          {
            id: text,
            copyOf: text,
            name: text,
            otherNames: list(text),
            purpose: text,
            level: oneOf(levels),
            cues: list(text),
            faults: list(object({ see: text, say: text }, ['see', 'say'])),
            cautions: list(text),
            dose: text,
            kit: list(list(oneOf(kitKinds))),
          },
          ['id', 'copyOf', 'name', 'otherNames', 'purpose', 'level', 'cues', 'faults', 'cautions', 'dose', 'kit'],
        ),
      ),
    },
    ['format', 'date', 'minutes', 'athlete', 'sport', 'kit'],
  ),
};

const coverage = list(object({ action: text, asked: share, covered: share }, ['action', 'asked', 'covered']));
const doses = ['reps', 'holdSeconds', 'workSeconds', 'breaths', 'contacts', 'metres'];

const item = {
  ...object(
    {
      variant: text,
      drawnAs: text,
      name: text,
      family: text,
      sets: { type: 'integer', minimum: 1 },
      ...Object.fromEntries(doses.map((d) => [d, { type: 'number', exclusiveMinimum: 0 }])),
      perSide: yesNo,
      tempo: text,
      restSeconds: { type: 'number', minimum: 0 },
      load: object({ kg: { type: 'number', exclusiveMinimum: 0 }, with: text }, ['with']),
      uses: list(text),
      intensity: object({
        reserve: { type: 'number', minimum: 0 },
        percentOfMax: { type: 'number', minimum: 0 },
        zone: text,
      }),
      seconds: { type: 'number', exclusiveMinimum: 0 },
      impactContacts: { type: 'number', minimum: 0 },
      planes: list(oneOf(planes)),
      pattern: oneOf(patterns),
      regions: list(oneOf(regions)),
      serves: list(object({ action: text, share }, ['action', 'share'])),
      guards: list(object({ need: text, share }, ['need', 'share'])),
      for: text,
      reason: text,
      cues: list(text),
      faults: list(text),
      cautions: list(text),
      easier: text,
      harder: text,
      pinned: yesNo,
      adapt: list(text),
      signature: object({ id: text, name: text, source: text }, ['id', 'name']),
      inside: list(object({ seconds: { type: 'number', exclusiveMinimum: 0 }, say: text }, ['seconds', 'say'])),
      ramp: object({ reps: { type: 'integer', minimum: 1 }, kg: { type: 'number', minimum: 0 } }, ['reps']),
      poses: list({ type: 'object' }),
      side: oneOf(['left', 'right']),
    },
    [
      'variant',
      'name',
      'family',
      'sets',
      'perSide',
      'restSeconds',
      'seconds',
      'impactContacts',
      'planes',
      'pattern',
      'regions',
      'serves',
      'reason',
      'cues',
      'faults',
      'cautions',
    ],
  ),
  oneOf: doses.map((dose) => ({ required: [dose] })),
};

/** JSON Schema 2020-12 of the plan document, a refusal included. */
export const planSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'tropaeum-plan/1',
  title: 'Plan: what the athlete gets and why',
  type: 'object',
  properties: { format: { const: 'tropaeum-plan/1' } },
  required: ['format'],
  oneOf: [
    object({ refused: object({ reason: text, relax: list(text) }, ['reason', 'relax']) }, ['refused']),
    object(
      {
        sessionType: oneOf(sessionTypes),
        sessionTypeReason: text,
        focus: oneOf(regions),
        frame: list(
          object(
            {
              block: oneOf(blockKinds),
              least: share,
              most: share,
              given: share,
              minutes: { type: 'number', minimum: 0 },
            },
            ['block', 'least', 'most', 'given', 'minutes'],
          ),
        ),
        notes: list(text),
        minutes: object({ budget: { type: 'number' }, planned: { type: 'number' } }, ['budget', 'planned']),
        blocks: list(
          object(
            {
              kind: oneOf(blockKinds),
              format: oneOf(['straight', 'pairs', 'rounds', 'circuits', 'timed']),
              rounds: { type: 'integer', minimum: 1 },
              restSeconds: { type: 'number', minimum: 0 },
              items: list(item),
            },
            ['kind', 'format', 'rounds', 'restSeconds', 'items'],
          ),
        ),
        coverage,
        prevention: coverage,
        checks: list(object({ id: text, status: oneOf(['ok', 'warn', 'stop']), text }, ['id', 'status', 'text'])),
        limits: list(
          object({ what: text, part: text, notToday: list(text), told: text, painAtMost: between(0, 10) }, [
            'what',
            'part',
            'notToday',
            'told',
            'painAtMost',
          ]),
        ),
        solution: object(
          { objective: { type: 'number' }, bound: { type: 'number' }, gap: { type: 'number', minimum: 0 } },
          ['objective', 'bound', 'gap'],
        ),
      },
      ['minutes', 'blocks', 'coverage', 'checks'],
    ),
  ],
};
