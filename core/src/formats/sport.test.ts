import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import sportFile from '../../../docs/formats/sport.schema.json';
import { plainBrief } from '../../test/briefs';
import { contextOf } from '../session/context/context';
import type { SportProfile } from '../sport/profile';
import { sportById, sports } from '../sport/sports';
import { readBrief, writeBrief } from './brief';
import { briefSchema } from './schemas';
import { readSport, readSportText, writeSport } from './sport';
import { sportSchema } from './sport-schema';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const validSport = ajv.compile(sportSchema);
const validBrief = ajv.compile(briefSchema);
const handball = sportById('handball') as SportProfile;
// biome-ignore lint/suspicious/noExplicitAny: documents are broken on purpose
const document = (): any => JSON.parse(JSON.stringify(writeSport(handball)));

const faultsOf = (given: unknown) => {
  const reading = typeof given === 'string' ? readSportText(given) : readSport(given);
  return 'faults' in reading ? reading.faults : [];
};

/** The handball profile with something done to it by hand. */
// biome-ignore lint/suspicious/noExplicitAny: documents are broken on purpose
function edited(change: (profile: any) => void): unknown {
  const copy = document();
  change(copy);
  return copy;
}

describe('sport profile document', () => {
  it.each(sports.map((s) => [s.id, s] as const))('%s is written and read again without loss', (_, sport) => {
    expect(readSportText(JSON.stringify(writeSport(sport)))).toEqual({ profile: sport });
    expect(validSport(JSON.parse(JSON.stringify(writeSport(sport)))), JSON.stringify(validSport.errors?.[0])).toBe(
      true,
    );
  });

  it('is published with its schema as the program writes it', () => {
    expect(sportFile).toEqual(JSON.parse(JSON.stringify(sportSchema)));
  });

  it.each<[string, unknown, string, RegExp]>([
    ['an empty file', '', '', /is empty/],
    ['a file cut in the middle', JSON.stringify(document()).slice(0, 400), '', /ends in the middle/],
    ['a file with a comma too many', '{"format": "tropaeum-sport/1",}', '', /is not JSON/],
    ['a list', [], '', /must be an object/],
    ['nothing', null, '', /must be an object/],
    ['a brief', { format: 'tropaeum-brief/1' }, 'format', /is not a sport profile/],
    ['somebody else’s file', { version: 3, name: 'x' }, 'format', /is required/],
    ['an older version', { ...document(), format: 'tropaeum-sport/0' }, 'format', /another version/],
    ['a newer version', { ...document(), format: 'tropaeum-sport/2' }, 'format', /another version/],
  ])('%s is refused as a whole', (_, given, path, message) => {
    const faults = faultsOf(given);
    expect(faults).toHaveLength(1);
    expect(faults[0]?.path).toBe(path);
    expect(faults[0]?.message).toMatch(message);
  });

  // biome-ignore lint/suspicious/noExplicitAny: documents are broken on purpose
  const byHand: [string, (p: any) => void, string, RegExp][] = [
    ['a missing name', (p) => delete p.name, 'name', /is required/],
    ['an empty name', (p) => (p.name = '  '), 'name', /must not be empty/],
    ['an id with a blank', (p) => (p.id = 'hand ball'), 'id', /small letters/],
    ['no roles', (p) => (p.roles = []), 'roles', /at least one role/],
    ['a role twice', (p) => p.roles.push(p.roles[0]), 'roles[4].id', /"goalkeeper" is there twice/],
    [
      'a role that nothing asks anything of',
      (p) => p.roles.push({ id: 'libero', name: 'Libero' }),
      'roles[4]',
      /no action that asks anything of Libero/,
    ],
    ['an action twice', (p) => p.actions.push(p.actions[1]), 'actions[9].id', /"throw" is there twice/],
    [
      'an action without joints',
      (p) => (p.actions[0].jointActions = []),
      'actions[0].jointActions',
      /at least one joint action/,
    ],
    [
      'a joint nobody has',
      (p) => (p.actions[0].jointActions[1].joint = 'tail'),
      'actions[0].jointActions[1].joint',
      /must be one of neck/,
    ],
    [
      'a knee that retracts',
      (p) => (p.actions[0].jointActions[0].action = 'retraction'),
      'actions[0].jointActions[0].action',
      /flexion, extension for the knee/,
    ],
    [
      'a regime that is not one',
      (p) => (p.actions[2].jointActions[0].regime = 'eccentric'),
      'actions[2].jointActions[0].regime',
      /must be one of shortening, lengthening/,
    ],
    [
      'a region of force that is not one',
      (p) => (p.actions[2].jointActions[0].at = 'bottom'),
      'actions[2].jointActions[0].at',
      /deep, middle, end/,
    ],
    [
      'a speed that is not one',
      (p) => (p.actions[3].speed = 'explosive'),
      'actions[3].speed',
      /slow, controlled, fast/,
    ],
    ['a plane that is not one', (p) => (p.actions[3].planes = ['diagonal']), 'actions[3].planes[0]', /sagittal/],
    [
      'a way of the force that is not one',
      (p) => (p.actions[3].force = ['up']),
      'actions[3].force[0]',
      /along, front-back/,
    ],
    ['a number for a position', (p) => (p.actions[3].position = 4), 'actions[3].position', /must be/],
    ['a share for an importance', (p) => (p.actions[0].asked.wing = 0.4), 'actions[0].asked.wing', /must be an object/],
    [
      'an importance of nine',
      (p) => (p.actions[0].asked.wing.often = 9),
      'actions[0].asked.wing.often',
      /5 points or less/,
    ],
    [
      'a role unknown to an action',
      (p) => (p.actions[0].asked.bench = { often: 1, decisive: 1 }),
      'actions[0].asked.bench',
      /roles are goalkeeper, wing, back, pivot/,
    ],
    [
      'a heading too long for its column',
      (p) => (p.actions[0].short = 'x'.repeat(40)),
      'actions[0].short',
      /16 characters/,
    ],
    [
      'a pattern that is not one',
      (p) => (p.riskSites[0].answers[0].pattern = 'rotator-cuff'),
      'riskSites[0].answers[0].pattern',
      /must be one of knee-dominant/,
    ],
    [
      'a worth above 1',
      (p) => (p.riskSites[0].answers[0].worth = 2),
      'riskSites[0].answers[0].worth',
      /1 of the whole or less/,
    ],
    ['a risk without its source', (p) => delete p.riskSites[1].source, 'riskSites[1].source', /is required/],
    ['a misspelt field', (p) => (p.actions[0].jointAction = []), 'actions[0].jointAction', /is not a field here/],
    ['a field at the top that is not known', (p) => (p.colour = 'red'), 'colour', /is not a field here/],
    ['overuse as a text', (p) => (p.overuse = 'throwing'), 'overuse', /must be a list/],
  ];

  it.each(byHand)('edited by hand: %s is named with its path', (_, change, path, message) => {
    const faults = faultsOf(edited(change));
    expect(faults.map((f) => f.path)).toContain(path);
    expect(faults.find((f) => f.path === path)?.message).toMatch(message);
  });

  it('every fault is named at once', () => {
    const faults = faultsOf(
      edited((p) => {
        delete p.name;
        p.actions[0].speed = 'explosive';
        p.riskSites[1].source = '';
        p.colour = 'red';
      }),
    );
    expect(faults.map((f) => f.path).sort()).toEqual(['actions[0].speed', 'colour', 'name', 'riskSites[1].source']);
  });
});

describe('a brief that brings its own sport', () => {
  const club: SportProfile = { ...handball, id: 'beach-handball', name: 'Beach handball' };
  const sport = { id: 'beach-handball', role: 'wing', profile: club, moved: { throw: 1.5 } };

  it('is written and read again without loss, and composed from that sport', () => {
    const brief = plainBrief({ sport });
    expect(readBrief(writeBrief(brief))).toEqual({ brief });
    expect(validBrief(JSON.parse(JSON.stringify(writeBrief(brief))))).toBe(true);
    expect(contextOf(brief).sport.name).toBe('Beach handball');
  });

  it.each<[string, object, string, RegExp]>([
    ['a sport nobody knows', { id: 'hopscotch', role: 'wing' }, 'sport.id', /or bring its profile/],
    ['a profile of another id', { ...sport, id: 'handball' }, 'sport.id', /"beach-handball", as in its profile/],
    ['a role of another sport', { ...sport, role: 'cox' }, 'sport.role', /goalkeeper, wing, back, pivot/],
    ['a broken profile', { ...sport, profile: { ...club, name: '' } }, 'sport.profile.name', /must not be empty/],
    ['a text for a profile', { ...sport, profile: 'handball' }, 'sport.profile', /must be an object/],
    ['a negative factor', { ...sport, moved: { throw: -1 } }, 'sport.moved', /factors from 0/],
  ])('%s is named with its path', (_, given, path, message) => {
    const reading = readBrief({ ...writeBrief(plainBrief()), sport: given });
    const faults = 'faults' in reading ? reading.faults : [];
    expect(faults.find((f) => f.path === path)?.message, JSON.stringify(faults)).toMatch(message);
  });
});
