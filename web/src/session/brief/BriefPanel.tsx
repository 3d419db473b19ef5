import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Context } from '@tropaeum/core/session/context/context';
import { stepFor } from '@tropaeum/core/session/prescription/prescription';
import { aims, phases } from '@tropaeum/core/session-type/aims-and-phases';
import { KitSection } from '../../capacity/KitSection';
import { dayName } from '../../ui/days';
import { HouseRuleList } from '../../ui/HouseRuleList';
import { Section } from '../../ui/Section';
import { words } from '../../ui/words';
import { useWritten } from '../state/store';
import { ConstraintsSection } from './ConstraintsSection';
import { DataSection } from './DataSection';
import { HistorySection } from './HistorySection';
import { MeasuresSection } from './MeasuresSection';
import { RestrictionsSection } from './RestrictionsSection';
import { RoomSection } from './RoomSection';
import { SidesSection } from './SidesSection';
import { TemplateSection } from './TemplateSection';
import { TypeFields } from './TypeFields';
import { WeekSection } from './WeekSection';

/** What the coach knows, all of it to hand and all of it changeable. */
export function BriefPanel({ context }: { context: Context }) {
  const { brief, draft, changeBrief } = useWritten();
  return (
    <div className="pb-6">
      <MeasuresSection when="assumed" brief={brief} change={changeBrief} />
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
        <TypeFields context={context} />
        <p className="mt-1.5 text-[0.84rem] leading-snug">{stepFor(context.brief).because}</p>
        <p className="mt-1 text-[0.84rem] text-quiet">
          {brief.season.nextFixture ? `Next fixture ${dayName(brief.season.nextFixture)}` : 'No fixture planned'}
          {brief.season.spare ? '. Keep the legs fresh today.' : ''}
        </p>
      </Section>
      <WeekSection context={context} draft={draft} />
      <RestrictionsSection brief={brief} change={changeBrief} />
      <KitSection brief={brief} change={changeBrief} />
      <RoomSection brief={brief} change={changeBrief} />
      <MeasuresSection when="said" brief={brief} change={changeBrief} />
      <HistorySection brief={brief} change={changeBrief} />
      <SidesSection brief={brief} change={changeBrief} />
      <ConstraintsSection context={context} brief={brief} change={changeBrief} />
      {draft && <TemplateSection context={context} brief={brief} draft={draft} />}
      <Section title="House rules">
        <HouseRuleList rules={brief.houseRules} onChange={(houseRules) => changeBrief({ houseRules })} />
      </Section>
      <DataSection />
    </div>
  );
}
