/** Words that turn what follows into its opposite, in the few words before it. */
const denied = /\b(no|not|without|never|none|neither|nor|isn't|wasn't|didn't|don't|free of)\b[^,.;]{0,24}$/i;

/** Whether a note says something, and does not deny it. @example says('no swelling', /swell/) // false */
export function says(note: string, sign: RegExp): boolean {
  for (const match of note.matchAll(new RegExp(sign.source, 'gi')))
    if (!denied.test(note.slice(0, match.index))) return true;
  return false;
}

/**
 * Signs that end the session, and what is said; some are the athlete's own to tell. From memory of what sports medicine teaches to coaches; the list is not complete, and whatever
 * frightens somebody ends the session too.
 */
const redFlags: readonly { sign: RegExp; say: string; own?: true }[] = [
  {
    sign: /chest (pain|pressure|felt tight|tight)|pain in (my |the )?chest|short(ness)? of breath|breathless|could ?n[o']t breathe|palpitation|heart (raced|racing|skipp|flutter|uneven|irregular)|(racing|uneven|irregular) (heart|pulse)/,
    say: 'Session over. Emergency number if it lasts, spreads or comes with sweat or nausea; a doctor before any training.',
  },
  {
    sign: /faint|passed out|black(ed)? out|collaps|nearly went down|lost consciousness/,
    say: 'Session over, not alone. A doctor before any training; emergency number if it was during effort.',
  },
  {
    sign: /wheez|lips? (swell|swollen)|swollen (lips?|tongue)|hives/,
    say: 'Inhaler or pen as prescribed; emergency number if it does not settle at once.',
  },
  {
    sign: /worst headache|sudden (weakness|headache)|slurr|droop|vision (went|gone|loss|lost)|double vision|cannot see/,
    say: 'Emergency number now; note the time.',
  },
  {
    sign: /(hit|knock|blow|bang|bump)[^.;]{0,24}\bhead\b|\bhead\b[^.;]{0,16}(hit|knock|blow|bang)|concuss/,
    say: 'Done for today, not alone for a day. Only a clinician starts the way back.',
  },
  {
    sign: /numb(ness)? between (the|my) legs|saddle|(bladder|bowel|urin|stool)[^.;]{0,30}(control|hold|trouble|problem)|both legs (weak|numb|give)|weak(ness)? in both legs/,
    say: 'Emergency department now.',
  },
  {
    sign: /deform|bone (visible|out)|cannot (take|walk) (four )?steps?|can ?n[o']t (put|bear) weight|out of (place|joint)|dislocat/,
    say: 'Do not load it: it needs a picture today.',
  },
  {
    sign: /\b(a|loud|heard|felt)\s+(a\s+)?(pop|snap)\b|popped|something (tore|snapped)/,
    say: 'Stop and do not test it. Seen by a clinician today or tomorrow.',
  },
  {
    sign: /(gave|gives|giving) way|knee (locked|stuck)|locked (up|solid)|joint (is )?(locked|stuck)/,
    say: 'No weight on it if it hurts. A clinician within days.',
  },
  {
    sign: /(swollen|swelled|swelling|puffed up)[^.;]{0,40}(within|after|in) (an hour|one hour|two hours|1 hour|2 hours|hours)|balloon/,
    say: 'Raise and compress; a clinician within days.',
  },
  {
    sign: /hot[^.;]{0,20}(red|swollen)[^.;]{0,30}(joint|knee|ankle|hip|elbow|shoulder)|(joint|knee|ankle|elbow)[^.;]{0,16}hot[^.;]{0,16}(red|swollen)/,
    say: 'Emergency department today; no massage, no exercise.',
  },
  {
    sign: /calf[^.;]{0,40}(hot|swollen|tender to)[^.;]{0,20}|(hot|swollen)[^.;]{0,16}calf/,
    say: 'Doctor today; do not massage or stretch it.',
  },
  {
    sign: /(dark|brown|cola|tea)[ -]?(coloured )?urine|urine[^.;]{0,20}(dark|brown|cola)|blood in (my |the )?urine/,
    say: 'Drink, and to the emergency department now.',
  },
  { sign: /confus|stagger|disorient/, say: 'Cool first, water and ice, then the emergency number.' },
  {
    sign: /(wakes?|woke|keeps?)[^.;]{0,16}(me )?(up )?[^.;]{0,12}(at|in the|all|every) night|night pain|pain (at|in the) night|(hurts|aches|pain|throbs)[^.;]{0,24}\b(at|all) night|pain at rest|(hurts|pain)[^.;]{0,16}at rest|weight loss|losing weight|night sweats/,
    say: 'No session; a doctor this week.',
  },
  { sign: /testicle/, say: 'Emergency department now: hours count.' },
  {
    sign: /numb|tingl|pins and needles|dead (arm|leg|hand|foot)|electric/,
    say: 'Stop this item; a clinician looks at the nerve before it is loaded again.',
  },
  {
    sign: /(no|missed|without)[^.;]{0,10}periods?[^.;]{0,20}(three|3|four|4|five|5|six|6)? ?months?|periods? (stopped|gone|absent)/,
    say: 'A doctor before hard or impact work: low energy is ruled out first.',
    own: true,
  },
  {
    sign: /hurt(ing)? myself|self[- ]harm|suicid|afraid (of|to) eat/,
    say: 'Talk to somebody today. The coach learns of it only if you say so or you are in danger.',
    own: true,
  },
];

const redFlagsIn = (note: string) =>
  // "No period" is no denial.
  redFlags.filter(({ sign }) => (/periods/.test(sign.source) ? sign.test(note.toLowerCase()) : says(note, sign)));

/** The first red flag that a note holds, as what is said. */
export const redFlagIn = (note: string): string | undefined => redFlagsIn(note)[0]?.say;

/** The first red flag that a note holds and that others may be told of: what is an athlete's own to tell is none. @example redFlagToTell('my periods stopped') // undefined */
export const redFlagToTell = (note: string): string | undefined => redFlagsIn(note).find(({ own }) => !own)?.say;

/** Signs that a note may hold beside those that end the session. */
export const signs = {
  /** One sore spot on a bone. */
  boneSpot:
    /(one|single|same|exact|pinpoint|small) (sore |tender |painful )?spot|on (the )?bone\b|bone (is )?(sore|tender|hurts)|point(ed)? tender|can point to it with (one|a) finger/,
  swelling: /swell|swollen|puffy/,
  limp: /\blimp/,
  sharp: /\bsharp|stab(bing|bed)?\b|catch(ing|es)|shooting/,
  painkiller:
    /ibuprofen|paracetamol|aspirin|diclofenac|naproxen|pain ?killer|pain ?relief|anti-?inflammator|(took|with|on|had) (a |some |my )?(pain )?(tablet|pill|medicine)|cortisone|injection/,
  hurts: /hurts?\b|hurting|painful|in pain|\bpain\b|sore\b|ached?\b|aching|twinge|niggle/,
  ill: /fever|flu\b|\bill\b|sick\b|vomit|diarrhoea|stomach bug|chills|temperature of|\bcold\b(?! (room|floor|hands|weather))|cough|sore throat|infection/,
  growth: /gr[eo]wn? \d+ ?cm|growth spurt|grow(n|ing|th)[^.;]{0,20}(cm|fast|lot)|shot up/,
  growthPlate:
    /below (the )?knee ?cap|knee ?cap[^.;]{0,20}bone|heel|growth plate|bump (on|under|below)|shin ?bone|inner elbow|inside of the elbow|end of the bone/,
  clinicianHolds:
    /(physio\w*|doctor|surgeon|clinician|therapist|consultant)[^.;]{0,60}(stay|same|keep|hold|until|not (yet|before)|no more|wait|said no|do not|don't|only)/,
  badSleep:
    /(slept|sleep)[^.;]{0,20}(bad|poor|little|[1-5] ?h|hardly|not)|no sleep|(bad|poor|short|broken|sleepless) (night|sleep)|jet ?lag|night shift/,
  tired: /exhaust|knackered|shattered|worn out|heavy legs|exam|stress|very tired|so tired|hung ?over/,
  formBroke:
    /form (broke|went|was (bad|poor|off)|slipped|fell apart)|bounc(ed|ing)|cheat(ed|ing)|sloppy|swung|jerk(ed|ing|y)|half reps|not all the way/,
  otherBand: /(new|other|different|another|thicker|thinner|lighter|heavier) band|band (was|is) (new|other|different)/,
  otherLoad:
    /(other|different|another|borrowed|lighter|heavier|wrong) (weight|dumbbell|kettlebell|bottle|rucksack|load|plate)/,
} as const;
