import { consentAges, usualConsentAge } from '@tropaeum/core/people/consent';
import { usualRetention } from '@tropaeum/core/people/retention';
import { ask } from '../api/client';
import { useMe } from '../api/queries';
import type { ClubSettings } from '../api/types';
import { useWork } from '../api/use-work';
import { Choice } from '../ui/Form';
import { Waiting } from '../ui/States';

type Retention = NonNullable<ClubSettings['retention']>;

const monthsWords = (months: number) =>
  months % 12 === 0 ? `${months / 12} ${months === 12 ? 'year' : 'years'}` : `${months} months`;

/** What is kept for how long, and from which age an athlete decides alone. */
export function RetentionSettings() {
  const { data: me } = useMe();
  const { work, problem } = useWork(['me'], ['squads']);
  if (!me) return <Waiting what="Opening retention" />;
  const { retention = {}, consentAge = usualConsentAge } = me.settings;
  const keep = (settings: ClubSettings) => void work('retention', () => ask('/club', 'PATCH', { settings }));
  const set = (part: Retention) => keep({ retention: { ...retention, ...part } });
  const { resultsMonths, ...others } = retention;
  return (
    <div className="max-w-md">
      <p className="mt-1 text-quiet">What is older is deleted for good, within the hour.</p>
      <Choice
        label="Sessions and results"
        className="mt-4"
        value={resultsMonths ?? ''}
        onChange={(e) => {
          const months = Number(e.target.value);
          keep({ retention: months ? { ...retention, resultsMonths: months } : others });
        }}
      >
        <option value="">for as long as the athlete is here</option>
        {[6, 12, 24, 36, 60].map((months) => (
          <option key={months} value={months}>
            {monthsWords(months)}
          </option>
        ))}
      </Choice>
      <p className="text-small text-quiet">
        Capacity is learnt from results: the shorter, the less is known of an athlete.
      </p>
      <Choice
        label="Messages"
        className="mt-4"
        value={retention.messageDays ?? usualRetention.messageDays}
        onChange={(e) => set({ messageDays: Number(e.target.value) })}
      >
        {[30, 90, 180, 365].map((days) => (
          <option key={days} value={days}>
            {days} days
          </option>
        ))}
      </Choice>
      <Choice
        label="Audit trail"
        className="mt-4"
        value={retention.auditMonths ?? usualRetention.auditMonths}
        onChange={(e) => set({ auditMonths: Number(e.target.value) })}
      >
        {[12, 24, 36, 60, 120].map((months) => (
          <option key={months} value={months}>
            {monthsWords(months)}
          </option>
        ))}
      </Choice>
      <p className="text-small text-quiet">Never less than a year: whoever could shorten it could hide something.</p>
      <h2 className="head mt-6 text-lg">Minors</h2>
      <Choice
        label="A guardian decides below the age of"
        className="mt-2"
        value={consentAge}
        onChange={(e) => keep({ consentAge: Number(e.target.value) })}
      >
        {Array.from({ length: consentAges.max - consentAges.min + 1 }, (_, i) => consentAges.min + i).map((age) => (
          <option key={age} value={age}>
            {age} years
          </option>
        ))}
      </Choice>
      <p className="text-small text-quiet">
        The law of your country says how old; for data on health 18 is the careful answer. Ask whoever advises the club.
      </p>
      <Choice
        label="Minors who are here without consent are reduced to their name after"
        className="mt-4"
        value={retention.consentDays ?? usualRetention.consentDays}
        onChange={(e) => set({ consentDays: Number(e.target.value) })}
      >
        {[0, 7, 14, 30, 60, 90].map((days) => (
          <option key={days} value={days}>
            {days === 0 ? 'at once' : `${days} days`}
          </option>
        ))}
      </Choice>
      <p className="text-small text-quiet">
        Nothing is sent to them meanwhile. New minors are a name until a guardian consents.
      </p>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
    </div>
  );
}
