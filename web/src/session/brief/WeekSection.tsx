import { mainBlocks } from '@tropaeum/core/exercise/model/vocabulary';
import { type DoneSets, weekTotals } from '@tropaeum/core/load/week-totals';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { Section } from '../../ui/Section';
import { capital, words } from '../../ui/words';

const maxListed = 8;

/** What the seven days up to this one come to, with the session that is being written. */
export function WeekSection({ context, draft }: { context: Context; draft: Draft | undefined }) {
  const { brief, catalogue } = context;
  const today = (draft?.groups ?? []).flatMap((group): DoneSets[] =>
    mainBlocks.has(group.block)
      ? group.choices.flatMap((c) => {
          const variant = catalogue.byId(c.variant);
          return variant ? [{ variant, sets: c.dose.sets }] : [];
        })
      : [],
  );
  const { sessions, sets, byPattern, byRegion, contacts } = weekTotals(
    brief.date,
    brief.season.recent ?? [],
    catalogue,
    today,
  );
  if (sets === 0) return null;
  const most = (map: ReadonlyMap<string, number>) => [...map].sort((a, b) => b[1] - a[1]).slice(0, maxListed);
  return (
    <Section title="Last seven days, with this session">
      <p className="text-[0.86rem]">
        {sets} hard sets in {sessions} session{sessions === 1 ? '' : 's'}, {contacts} jump contacts.
      </p>
      {[
        { title: 'Sets by pattern', list: most(byPattern) },
        { title: 'Heavy sets by region', list: most(byRegion) },
      ].map(
        ({ title, list }) =>
          list.length > 0 && (
            <div key={title} className="mt-1">
              <p className="text-[0.78rem] text-quiet">{title}</p>
              <ul className="columns-2 gap-4 text-[0.82rem]">
                {list.map(([name, count]) => (
                  <li key={name} className="flex justify-between gap-1">
                    <span className="truncate">{capital(words(name))}</span>
                    <span className="dose">{count}</span>
                  </li>
                ))}
              </ul>
            </div>
          ),
      )}
    </Section>
  );
}
