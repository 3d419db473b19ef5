import { contractionTypes, type JointAction } from '@tropaeum/core/exercise/model/vocabulary';
import { setRiskWeight } from '@tropaeum/core/sport/edit';
import type { SportAction, SportProfile } from '@tropaeum/core/sport/profile';
import { Pencil } from 'lucide-react';
import type { ReactNode } from 'react';
import { capital, words } from '../ui/words';
import { Answers } from './Answers';
import { Points } from './Points';
import { SignatureList } from './SignatureList';
import { useDemands } from './store';

const sideWords = {
  both: 'both sides together',
  either: 'one side at a time',
  dominant: 'the throwing or kicking side',
  other: 'the other side',
} as const;
const axisWords = {
  along: 'along the body',
  'front-back': 'front to back',
  sideways: 'to the side',
  turning: 'rotating',
};
const amplitudeWords = { short: 'short range', half: 'half range', full: 'full range' } as const;
const energyWords = { burst: 'single effort', repeated: 'repeated efforts', sustained: 'sustained' } as const;

const jointWords = ({ joint, action }: JointAction) => `${words(joint)} ${words(action)}`;

function Line({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex gap-2 border-t border-edge py-0.5 text-[0.86rem]">
      <dt className="w-15 shrink-0 text-quiet">{label}</dt>
      <dd className="min-w-0">{children}</dd>
    </div>
  );
}

/** One movement in words, and what answers it. */
export function AboutMovement({ action, onEdit }: { action: SportAction; onEdit: () => void }) {
  return (
    <div className="px-4 py-3">
      <div className="flex items-start justify-between gap-2">
        <h2 className="head text-lg leading-tight">{action.name}</h2>
        <button type="button" className="key key-plain h-6" onClick={onEdit} title="Edit (e)">
          <Pencil size={14} /> Edit
        </button>
      </div>
      <p className="text-[0.86rem] text-quiet">{capital(action.phase)}</p>
      <dl className="mt-2">
        <Line label="Joints">
          {action.jointActions.map((j, i) => (
            <span key={i} className="block leading-tight">
              {i === 0 ? <b>{jointWords(j)}</b> : jointWords(j)}
              <span className="block pb-0.5 text-[0.78rem] text-quiet">
                {contractionTypes[j.regime]},{' '}
                {j.at === 'middle' ? 'mid range' : j.at === 'deep' ? 'stretched' : 'end range'}
              </span>
            </span>
          ))}
        </Line>
        <Line label="Motion">
          {action.speed}, {amplitudeWords[action.amplitude]}, {energyWords[action.energy]}
        </Line>
        <Line label="Force">
          {action.force.map((f) => axisWords[f]).join(', ')}; {action.planes.join(' and ')}
        </Line>
        <Line label="Stance">
          {words(action.position)}; {sideWords[action.side]}
        </Line>
      </dl>
      <Answers action={action} />
    </div>
  );
}

/** Where the sport injures and what it does too much of: the other column, never added to the first. */
export function AboutSport({ profile, role }: { profile: SportProfile; role: string }) {
  const edit = useDemands((s) => s.edit);
  return (
    <div className="px-4 py-3">
      <h2 className="head text-lg">Injury risks</h2>
      <ul className="mt-1">
        {profile.riskSites.map((risk, i) => (
          <li key={i} className="border-t border-edge py-1.5 text-[0.86rem]">
            <span className="flex items-center justify-between gap-2">
              <b>{capital(words(risk.region))}</b>
              <Points
                value={risk.weight}
                name={`Weight of the ${words(risk.region)}`}
                onValue={(weight) => edit((p) => setRiskWeight(p, i, weight))}
              />
            </span>
            <span className="block leading-snug">{capital(risk.why)}.</span>
            <span className="block leading-snug text-laurel">
              Trained by{' '}
              {risk.answers
                .slice(0, 3)
                .map((a) => words(a.pattern))
                .join(', ')}
            </span>
            <span className="block text-[0.76rem] leading-snug text-quiet">{risk.source}</span>
          </li>
        ))}
      </ul>
      <SignatureList profile={profile} role={role} />
      <h3 className="label mt-4">Too much of</h3>
      {profile.overuse.map((o) => (
        <p key={o.tooMuch} className="border-t border-edge py-1 text-[0.86rem] leading-snug">
          {capital(o.tooMuch)}: <b>{o.opposite}</b>
        </p>
      ))}
      <h3 className="label mt-4">Sides</h3>
      <p className="text-[0.86rem] leading-snug">{capital(profile.sides)}.</p>
      <h3 className="label mt-4">Around practice</h3>
      {profile.habits.map((habit) => (
        <p key={habit} className="text-[0.86rem] leading-snug">
          {habit}.
        </p>
      ))}
      <p className="mt-3 text-[0.78rem] text-quiet">
        Not medical advice: clinicians and local rules come first. {profile.sources.map(capital).join('. ')}.
      </p>
    </div>
  );
}
