import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { causeWords, heldUntilReleased } from '@tropaeum/core/limits/causes';
import { ceilingOf, contactCeilingOf } from '@tropaeum/core/limits/ceiling';
import { notToday } from '@tropaeum/core/limits/not-today';
import { regionLimits } from '@tropaeum/core/limits/regions/index';
import { causeOf, lifterOf, standingOf } from '@tropaeum/core/limits/restriction';
import { dayName } from '../../ui/days';
import { capital } from '../../ui/words';

interface MeaningProps {
  restriction: Restriction;
  date: string;
  /** Who reads it. */
  as: 'coach' | 'physio';
}

/** What it means: ranges, dose, what is not for today, who may lift it, what then. */
export function Meaning({ restriction, date, as }: MeaningProps) {
  const cause = causeOf(restriction);
  const limits = regionLimits[cause === 'concussion' ? 'neck' : restriction.region];
  const standing = standingOf(restriction, date);
  const out = standing ? notToday(standing) : [];
  const { share, pain } = ceilingOf({ cause, region: restriction.region });
  const contacts = standing ? contactCeilingOf([standing]) : 0;
  const avoid = restriction.severity === 'avoid';
  const rows: [string, string][] = [
    ['Cause', `${capital(causeWords[cause].name)}. ${causeWords[cause].means}`],
    ['Not today', out.length ? `${capital(out.join(', '))}.` : 'No type of movement as a whole.'],
    avoid
      ? ['Still allowed', limits.underAvoid]
      : [
          'Ranges',
          restriction.rangeDegrees
            ? `${restriction.rangeDegrees.join(' to ')}°, as given. ${limits.ranges}`
            : limits.ranges,
        ],
    ...(avoid
      ? []
      : [
          [
            'Dose',
            `${limits.dose.say} At most ${Math.round(share * 100)} % of max on that part, pain at most ${pain} of 10, ${contacts > 100 ? 'jumping as usual' : contacts > 0 ? `${contacts} contacts` : 'no jumps'}.`,
          ] as [string, string],
        ]),
    ['Athlete is told', limits.told],
    [
      'Who may lift it',
      `${as === 'physio' ? 'You.' : lifterOf(restriction) === 'clinician' ? 'A clinician, in writing; you may make it stricter.' : 'You, by the criteria.'} ${limits.lift}`,
    ],
    [
      'Then',
      restriction.until
        ? heldUntilReleased.has(cause)
          ? `After ${dayName(restriction.until)} ${cause === 'concussion' ? 'the concussion rules' : 'the limits'} stay until it is released.`
          : `Ends by itself after ${dayName(restriction.until)}.`
        : 'Applies until it is lifted.',
    ],
    ['Sources', `${limits.sources.join('; ')}; values from memory. The treating clinician decides.`],
  ];
  return (
    <dl className="grid grid-cols-[7.5rem_1fr] gap-x-3 gap-y-1 self-start text-[0.88rem] leading-snug">
      {rows.map(([name, said]) => (
        <div key={name} className="contents">
          <dt className="text-quiet">{name}</dt>
          <dd>{said}</dd>
        </div>
      ))}
    </dl>
  );
}
