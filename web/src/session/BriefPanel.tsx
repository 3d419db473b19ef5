import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { anchors, regions } from '@tropaeum/core/exercise/vocabulary';
import { describeItem, type Room } from '@tropaeum/core/kit/kit';
import { KitLineError, parseKitLine } from '@tropaeum/core/kit/kit-line';
import { aims, type Brief, houseRuleChoices, houseRuleReasons, phases } from '@tropaeum/core/session/brief';
import { X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { dayName } from '../ui/days';
import { capital, words } from '../ui/words';
import { useSession } from './store';

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-b border-edge px-4 py-3">
      <h3 className="label mb-1">{title}</h3>
      {children}
    </section>
  );
}

function Chip({ children, onRemove, name }: { children: ReactNode; onRemove: () => void; name: string }) {
  return (
    <span className="inline-flex items-center gap-1 bg-edge px-1.5 py-0.5 text-[0.84rem]">
      {children}
      <button type="button" aria-label={`Remove ${name}`} className="hover:text-oxide" onClick={onRemove}>
        <X size={12} />
      </button>
    </span>
  );
}

function KitSection({ brief, change }: { brief: Brief; change: (b: Partial<Brief>) => void }) {
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState('');
  const { kit } = brief;
  const add = () => {
    try {
      const item = parseKitLine(line);
      change({ kit: { ...kit, items: [...kit.items, item] } });
      setLine('');
      setProblem('');
    } catch (error) {
      setProblem(error instanceof KitLineError ? error.message : 'This cannot be read.');
    }
  };
  return (
    <Section title="Kit">
      <div className="flex flex-wrap gap-1">
        {kit.items.map((item, i) => (
          <Chip
            key={i}
            name={describeItem(item)}
            onRemove={() => change({ kit: { ...kit, items: kit.items.filter((_, k) => k !== i) } })}
          >
            {(item.count ?? 1) > 1 ? `${item.count} × ` : ''}
            {describeItem(item)}
          </Chip>
        ))}
        {kit.items.length === 0 && <span className="text-small text-quiet">Nothing at all: bodyweight it is.</span>}
      </div>
      <input
        aria-label="Add kit"
        className="field mt-1.5 h-7"
        placeholder="2x7.5 kg dumbbell · loop medium · 5 l canister"
        value={line}
        onChange={(e) => setLine(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && line.trim() && add()}
      />
      {problem && (
        <p role="alert" className="text-small text-oxide">
          {problem}
        </p>
      )}
      <div className="mt-1.5 flex flex-wrap gap-x-3 text-[0.84rem]">
        {anchors
          .filter((a) => a !== 'partner')
          .map((anchor) => (
            <label key={anchor} className="flex h-6 items-center gap-1">
              <input
                type="checkbox"
                checked={kit.anchors.includes(anchor)}
                onChange={(e) =>
                  change({
                    kit: {
                      ...kit,
                      anchors: e.target.checked ? [...kit.anchors, anchor] : kit.anchors.filter((a) => a !== anchor),
                    },
                  })
                }
              />
              {words(anchor)}
            </label>
          ))}
        <label className="flex h-6 items-center gap-1">
          <input
            type="checkbox"
            checked={kit.partner}
            onChange={(e) => change({ kit: { ...kit, partner: e.target.checked } })}
          />
          partner
        </label>
      </div>
    </Section>
  );
}

const roomSwitches: [keyof Room, string][] = [
  ['wall', 'free wall'],
  ['stairs', 'stairs'],
  ['slidingFloor', 'floor slides'],
  ['quiet', 'keep quiet'],
];

function RoomSection({ brief, change }: { brief: Brief; change: (b: Partial<Brief>) => void }) {
  const { room } = brief.kit;
  const set = (part: Partial<Room>) => change({ kit: { ...brief.kit, room: { ...room, ...part } } });
  const metres = (key: 'lengthM' | 'widthM' | 'ceilingM', label: string) => (
    <label className="block">
      <span className="text-[0.78rem] text-quiet">{label}</span>
      <input
        type="number"
        step="0.1"
        min="0.5"
        className="field h-7"
        value={room[key]}
        onChange={(e) => Number(e.target.value) >= 0.5 && set({ [key]: Number(e.target.value) })}
      />
    </label>
  );
  return (
    <Section title="Room, metres">
      <div className="grid grid-cols-3 gap-1.5">
        {metres('lengthM', 'long')}
        {metres('widthM', 'wide')}
        {metres('ceilingM', 'high')}
      </div>
      <div className="mt-1.5 grid grid-cols-2 gap-x-3 text-[0.84rem]">
        {roomSwitches.map(([key, label]) => (
          <label key={key} className="flex h-6 items-center gap-1">
            <input type="checkbox" checked={Boolean(room[key])} onChange={(e) => set({ [key]: e.target.checked })} />
            {label}
          </label>
        ))}
      </div>
    </Section>
  );
}

function LimitsSection({ brief, change }: { brief: Brief; change: (b: Partial<Brief>) => void }) {
  const { athlete } = brief;
  const list = athlete.restrictions ?? [];
  const set = (restrictions: Restriction[]) => change({ athlete: { ...athlete, restrictions } });
  return (
    <Section title="May not">
      {list.map((r, i) => (
        <div key={`${r.region}${r.side}`} className="flex items-start justify-between gap-2 text-[0.88rem]">
          <span>
            <b>
              {r.severity === 'avoid' ? 'No load on' : 'Limit'} {r.side && r.side !== 'both' ? r.side : ''}{' '}
              {words(r.region)}
            </b>
            {r.reason && <span className="text-quiet">, {r.reason}</span>}
            {r.until && <span className="text-quiet"> until {dayName(r.until)}</span>}
          </span>
          <button
            type="button"
            aria-label={`Lift the limit on ${words(r.region)}`}
            onClick={() => set(list.filter((_, k) => k !== i))}
          >
            <X size={13} />
          </button>
        </div>
      ))}
      <select
        aria-label="Add a limit"
        className="field mt-1 h-7"
        value=""
        onChange={(e) => {
          const [severity, region] = e.target.value.split(':') as [Restriction['severity'], Restriction['region']];
          if (region) set([...list, { region, severity }]);
        }}
      >
        <option value="">Add a limit …</option>
        {regions.flatMap((region) => [
          <option key={`limit:${region}`} value={`limit:${region}`}>
            Limit {words(region)}
          </option>,
          <option key={`avoid:${region}`} value={`avoid:${region}`}>
            No load on {words(region)}
          </option>,
        ])}
      </select>
      <p className="mt-1 text-[0.78rem] text-quiet">What a clinician has said comes first.</p>
    </Section>
  );
}

/** What the coach knows, all of it to hand and all of it changeable. */
export function BriefPanel() {
  const { brief, changeBrief } = useSession();
  return (
    <div className="pb-6">
      <Section title="Aim and time">
        <div className="grid grid-cols-2 gap-1.5">
          <label>
            <span className="text-[0.78rem] text-quiet">aim</span>
            <select
              aria-label="Aim"
              className="field h-7"
              value={brief.aim}
              onChange={(e) => changeBrief({ aim: e.target.value as Brief['aim'] })}
            >
              {aims.map((a) => (
                <option key={a}>{a}</option>
              ))}
            </select>
          </label>
          <label>
            <span className="text-[0.78rem] text-quiet">minutes</span>
            <input
              aria-label="Minutes"
              type="number"
              min={5}
              max={180}
              className="field h-7"
              value={brief.minutes}
              onChange={(e) =>
                Number(e.target.value) >= 5 &&
                Number(e.target.value) <= 180 &&
                changeBrief({ minutes: Number(e.target.value) })
              }
            />
          </label>
          <label className="col-span-2">
            <span className="text-[0.78rem] text-quiet">phase</span>
            <select
              aria-label="Phase"
              className="field h-7"
              value={brief.season.phase}
              onChange={(e) =>
                changeBrief({ season: { ...brief.season, phase: e.target.value as Brief['season']['phase'] } })
              }
            >
              {phases.map((p) => (
                <option key={p} value={p}>
                  {words(p)}
                </option>
              ))}
            </select>
          </label>
        </div>
        <p className="mt-1.5 text-[0.84rem] text-quiet">
          {brief.season.nextFixture ? `Next fixture ${dayName(brief.season.nextFixture)}` : 'No fixture ahead'}
        </p>
      </Section>
      <LimitsSection brief={brief} change={changeBrief} />
      <KitSection brief={brief} change={changeBrief} />
      <RoomSection brief={brief} change={changeBrief} />
      <Section title="House rules">
        {(Object.keys(houseRuleChoices) as (keyof typeof houseRuleChoices)[]).map((rule) => {
          const value = brief.houseRules[rule];
          const reasons = houseRuleReasons[rule] as Record<string, string>;
          return (
            <label key={rule} className="mb-1.5 block text-[0.84rem]">
              <span className="flex items-center justify-between gap-2">
                {capital(rule.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`))}
                <select
                  className="field h-6 w-28 py-0 text-[0.8rem]"
                  value={value}
                  onChange={(e) => changeBrief({ houseRules: { ...brief.houseRules, [rule]: e.target.value } })}
                >
                  {houseRuleChoices[rule].map((c) => (
                    <option key={c}>{c}</option>
                  ))}
                </select>
              </span>
              <span className="text-[0.76rem] leading-tight text-quiet">{reasons[value]}</span>
            </label>
          );
        })}
      </Section>
    </div>
  );
}
