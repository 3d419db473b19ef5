import { ContactSyntaxError, parseContact } from '../../body/contact';
import type { PlacedBody } from '../../body/placing';
import { basePositions, flattened, humanRange, limbAngles } from '../../body/pose';
import type { ScaledBody } from '../../body/segments';
import { pointsOf } from '../../body/skeleton';
import { faultFrame } from '../mechanics/fault-pose';
import { staticsOf } from '../mechanics/moments';
import { placedVariant } from '../mechanics/placed';
import { requiredCautions } from '../model/cautions';
import { props, type Variant } from '../model/variant';
import {
  anchors,
  blockKinds,
  joints,
  kitKinds,
  levels,
  motions,
  patterns,
  planes,
  positions,
  regimes,
  regions,
  sides,
  speeds,
} from '../model/vocabulary';

/** What is wrong with a variant, where, and what would be right. */
export interface LibraryIssue {
  /** Data file of the family. */
  file: string;
  variant: string;
  keyframe?: string;
  message: string;
}

const touchToleranceM = 0.01;
const sunkToleranceM = 0.03;
/** How far the weight may lie outside what it stands on before a held pose counts as falling, metres. */
const tipToleranceM = 0.03;
const longestName = 80;
const longestSentence = 160;

type Found = Omit<LibraryIssue, 'file' | 'variant'>;

/**
 * Everything wrong with a set of variants; empty when all is well. Proves that ids are unique, neighbours exist and are mutual, words are
 * of the vocabulary, cues are two to four, faults say what to say, cautions stand where they are asked for; and in every keyframe that
 * contacts touch within 1 cm, joints stay within human range, nothing sinks below the ground, and the weight stands over its support
 * unless the keyframe is a passing one.
 */
export function libraryIssues(variants: readonly Variant[], body: ScaledBody): LibraryIssue[] {
  const byId = new Map(variants.map((v) => [v.id, v]));
  const times = new Map<string, number>();
  for (const v of variants) times.set(v.id, (times.get(v.id) ?? 0) + 1);
  return variants.flatMap((v) => {
    const words = wordFaults(v);
    const found: Found[] = [
      ...((times.get(v.id) ?? 0) > 1 ? [{ message: `id "${v.id}" is used twice; every variant has its own` }] : []),
      ...neighbourFaults(v, byId),
      ...words,
      ...textFaults(v),
      ...(words.length ? [] : poseFaults(v, body)),
    ];
    return found.map((f) => ({ file: `library/${v.family}.ts`, variant: v.id, ...f }));
  });
}

function neighbourFaults(v: Variant, byId: ReadonlyMap<string, Variant>): Found[] {
  const ask = (id: string | undefined, back: 'easier' | 'harder', own: 'easier' | 'harder') => {
    if (!id) return [];
    const other = byId.get(id);
    if (!other) return [{ message: `${own} names "${id}", which does not exist; name a variant of the library` }];
    if (other[back] === v.id) return [];
    return [{ message: `${own} is "${id}", whose ${back} should then be "${v.id}"` }];
  };
  return [...ask(v.easier, 'harder', 'easier'), ...ask(v.harder, 'easier', 'harder')];
}

/** A word that has to be one of a list. */
function unknown(what: string, word: string, list: readonly string[]): Found[] {
  return list.includes(word) ? [] : [{ message: `${what} "${word}" is not known; expected one of ${list.join(', ')}` }];
}

function wordFaults(v: Variant): Found[] {
  return [
    ...v.blocks.flatMap((b) => unknown('block', b, blockKinds)),
    ...(v.blocks.length ? [] : [{ message: 'at least one block expected' }]),
    ...unknown('pattern', v.pattern, patterns),
    ...v.planes.flatMap((p) => unknown('plane', p, planes)),
    ...unknown('side', v.side, sides),
    ...unknown('position', v.position, positions),
    ...unknown('speed', v.speed, speeds),
    ...unknown('level', v.level, levels),
    ...v.jointActions.flatMap((a) => [
      ...unknown('joint', a.joint, joints),
      ...unknown('action', a.action, motions),
      ...unknown('regime', a.regime, regimes),
    ]),
    ...v.needs.kit.flat().flatMap((k) => unknown('kit', k, kitKinds)),
    ...v.needs.anchors.flatMap((a) => unknown('anchor', a, anchors)),
    ...(v.prop ? unknown('prop', v.prop, props) : []),
    ...v.keyframes.flatMap(keyframeWordFaults),
  ];
}

function keyframeWordFaults({ name, base, change = {}, on }: Variant['keyframes'][number]): Found[] {
  const at = (found: Found[]) => found.map((f) => ({ ...f, keyframe: name }));
  const axes = ['lean', 'trunk', 'neck'];
  const angles = Object.entries(change).flatMap(([key, value]): [string, readonly string[]][] =>
    key === 'near' || key === 'far'
      ? Object.keys(value as object).map((inner) => [inner, limbAngles])
      : [[key, [...limbAngles, ...axes]]],
  );
  return at([
    ...unknown('base position', base, Object.keys(basePositions)),
    ...angles.flatMap(([key, list]) => unknown('joint', key, list)),
    ...on.flatMap((text) => {
      try {
        parseContact(text);
        return [];
      } catch (error) {
        if (error instanceof ContactSyntaxError) return [{ message: error.message }];
        throw error;
      }
    }),
  ]);
}

function textFaults(v: Variant): Found[] {
  const faults: Found[] = [];
  const say = (message: string) => faults.push({ message });
  const written = (what: string, text: string, longest: number) => {
    if (text.trim() === '') say(`${what} is empty; a few words expected`);
    else if (text.length > longest) say(`${what} has ${text.length} characters; at most ${longest} expected`);
  };
  written('name', v.name, longestName);
  written('purpose', v.purpose, longestSentence);
  for (const name of v.otherNames) written('other name', name, longestName);
  for (const cue of v.cues) written('cue', cue, longestSentence);
  for (const caution of v.cautions) written('caution', caution, longestSentence);
  for (const fault of v.faults) {
    written('fault', fault.see, longestSentence);
    written('what to say to a fault', fault.say, longestSentence);
    if (fault.shown?.at && !v.keyframes.some((k) => k.name === fault.shown?.at))
      say(`fault is shown at "${fault.shown.at}"; expected one of ${v.keyframes.map((k) => k.name).join(', ')}`);
  }
  if (v.cues.length < 2 || v.cues.length > 4) say(`two to four cues expected, got ${v.cues.length}`);
  if (v.faults.length < 1 || v.faults.length > 3) say(`one to three faults expected, got ${v.faults.length}`);
  if (v.keyframes.length < 2 || v.keyframes.length > 5)
    say(`two to five keyframes expected, got ${v.keyframes.length}`);
  if (v.load?.required && v.needs.kit.length === 0) say('a required load needs kit that gives it');
  if (v.load?.source === 'band' && !v.line) say('a band needs a line that says where it runs');
  if (v.impactContacts > 0 && v.quiet) say('a landing is not quiet; leave quiet out or write false');
  for (const { about, text } of requiredCautions(v)) say(`a caution about ${about} is missing, such as "${text}"`);
  for (const { region } of v.regions) for (const fault of unknown('region', region, regions)) say(fault.message);
  return faults;
}

function poseFaults(v: Variant, body: ScaledBody): Found[] {
  const held = staticsOf(v, body);
  return [
    ...placedVariant(v, body).flatMap((frame, i) => {
      const keyframe = v.keyframes[i]?.name ?? String(i);
      const tipM = v.keyframes[i]?.inPassing ? 0 : (held[i]?.tipM ?? 0);
      const found = frameFaults(frame);
      if (tipM > tipToleranceM)
        found.push(
          `the weight lies ${(tipM * 100).toFixed(0)} cm outside what it stands on; move it over the support or mark the keyframe as passing`,
        );
      return found.map((message) => ({ keyframe, message }));
    }),
    ...v.faults.flatMap((fault) =>
      fault.shown
        ? rangeFaults(faultFrame(v, fault.shown, body)).map((message) => ({
            message: `fault "${fault.see}": ${message}`,
          }))
        : [],
    ),
  ];
}

function frameFaults(frame: PlacedBody): string[] {
  const found = rangeFaults(frame);
  if (frame.missM > touchToleranceM)
    found.push(
      `a contact floats ${(frame.missM * 100).toFixed(1)} cm from what it should touch; bend the pose until it reaches within 1 cm`,
    );
  const lowest = Math.min(...pointsOf(frame.skeleton).map((p) => p.y));
  if (frame.view !== 'above' && lowest < -sunkToleranceM)
    found.push(`the body sinks ${(-lowest * 100).toFixed(1)} cm below the ground; at most 3 cm expected`);
  return found;
}

const angleNames = ['lean', 'trunk', 'neck', ...limbAngles, ...limbAngles];

/** Seen from the front or from above, angles are projections and have no range of their own. */
function rangeFaults(frame: PlacedBody): string[] {
  if (frame.view !== 'side') return [];
  return flattened(frame.pose).flatMap((angle, i) => {
    const joint = angleNames[i] as keyof typeof humanRange | 'lean';
    if (joint === 'lean') return [];
    const [low, high] = humanRange[joint];
    return angle < low - 0.5 || angle > high + 0.5
      ? [`${joint} ${angle.toFixed(0)}° lies outside ${low} to ${high}°`]
      : [];
  });
}
