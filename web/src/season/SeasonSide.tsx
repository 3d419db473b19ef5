import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { ListedAthlete, Squad, Squads } from '../api/types';
import { CalendarPanel } from './CalendarPanel';
import { LoadPanel } from './LoadPanel';
import { MembersPanel } from './MembersPanel';
import { RulesPanel } from './RulesPanel';
import { SelectedEntry } from './SelectedEntry';
import { SelectedSession } from './SelectedSession';
import type { StoredSeason } from './season-data';
import type { Selected } from './selected';
import { WeekPanel } from './WeekPanel';

interface SeasonSideProps {
  squad: Squad;
  athlete: ListedAthlete | undefined;
  stored: StoredSeason | undefined;
  squads: Squads;
  selected: Selected | undefined;
  /** The day chosen on the ribbon. */
  day: string;
  today: string;
}

/** What goes with the season: the chosen session, the rules and phases, the calendars, the load, the members. */
export function SeasonSide({ squad, athlete, stored, squads, selected, day, today }: SeasonSideProps) {
  const members = squads.athletes.filter((a) => a.squadId === squad.id);
  const tabs = ['Load', 'Calendars', 'Rules', ...(athlete ? [] : ['Squad'])];
  return (
    <aside
      aria-label="About the season"
      className="no-print w-72 shrink-0 max-[1100px]:w-60 overflow-y-auto border-l border-edge bg-sheet px-3.5 py-4"
    >
      {selected?.entry ? (
        <SelectedEntry entry={selected.entry} members={athlete ? [athlete] : members} />
      ) : selected ? (
        <SelectedSession day={selected.day} athlete={athlete} members={members} />
      ) : (
        <p className="mb-4 text-small text-quiet">
          Select a session to see why it is on that day, or a fixture to enter who played. Drag either to another day:
          you see what changes before you drop it.
        </p>
      )}
      <WeekPanel day={selected?.day ?? day} athleteId={athlete?.id} stored={stored} />
      <TabGroup>
        <TabList className="flex gap-1 border-b border-stone">
          {tabs.map((name) => (
            <Tab
              key={name}
              className="head cursor-pointer px-2 py-1 text-small text-quiet data-selected:border-b-2 data-selected:border-ink data-selected:text-ink"
            >
              {name}
            </Tab>
          ))}
        </TabList>
        <TabPanels className="pt-3 text-small">
          <TabPanel>
            <LoadPanel stored={stored} athlete={athlete} members={members} today={today} />
          </TabPanel>
          <TabPanel>
            <CalendarPanel squad={squad} athlete={athlete} stored={stored} today={today} />
          </TabPanel>
          <TabPanel>
            <RulesPanel forAthlete={athlete !== undefined} />
          </TabPanel>
          {!athlete && (
            <TabPanel>
              <MembersPanel stored={stored} members={members} squadId={squad.id} />
            </TabPanel>
          )}
        </TabPanels>
      </TabGroup>
    </aside>
  );
}
