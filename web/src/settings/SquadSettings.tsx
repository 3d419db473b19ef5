import { useState } from 'react';
import { ask } from '../api/client';
import { useSquads } from '../api/queries';
import type { Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { sportIn, useClubSports } from '../demands/club-sports';
import { Trouble, Waiting } from '../ui/States';

/** The squads: renamed, and deleted when nobody is in them any more. */
export function SquadSettings() {
  const squads = useSquads();
  const club = useClubSports().data ?? [];
  const { work, problem } = useWork(['squads']);
  if (squads.error) return <Trouble error={squads.error} again={() => void squads.refetch()} />;
  if (!squads.data) return <Waiting what="Opening squads" />;
  const { athletes, waiting } = squads.data;
  return (
    <div className="max-w-2xl">
      <ul className="mt-4">
        {squads.data.squads.map((squad) => (
          <SquadRow
            key={squad.id}
            squad={squad}
            sport={sportIn(club, squad.sportId)?.name ?? squad.sportId}
            members={[...athletes, ...waiting].filter((a) => a.squadId === squad.id).length}
            onRename={(name) => work('rename', () => ask(`/squads/${squad.id}`, 'PATCH', { name }))}
            onDelete={() => void work('delete', () => ask(`/squads/${squad.id}`, 'DELETE'))}
          />
        ))}
      </ul>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
      <p className="text-small text-quiet">A squad begins with its first athletes: add them under Squads.</p>
    </div>
  );
}

interface SquadRowProps {
  squad: Squad;
  sport: string;
  members: number;
  onRename: (name: string) => Promise<boolean>;
  onDelete: () => void;
}

function SquadRow({ squad, sport, members, onRename, onDelete }: SquadRowProps) {
  const [name, setName] = useState(squad.name);
  const changed = name.trim() !== squad.name && name.trim() !== '';
  return (
    <li className="border-b border-edge py-2">
      <form
        className="flex items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (changed) void onRename(name.trim()).then((done) => !done && setName(squad.name));
        }}
      >
        <input
          aria-label={`Name of ${squad.name}`}
          className="field h-8 w-64"
          maxLength={80}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <span className="flex-1 text-quiet">
          {sport} · {members} {members === 1 ? 'athlete' : 'athletes'}
        </span>
        <button type="submit" className="key h-8" disabled={!changed}>
          Rename
        </button>
        {members === 0 && (
          <button type="button" className="text-oxide underline" onClick={onDelete}>
            Delete
          </button>
        )}
      </form>
    </li>
  );
}
