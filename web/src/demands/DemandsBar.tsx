import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { writeSport } from '@tropaeum/core/formats/sport';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { MoreHorizontal } from 'lucide-react';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { UndoKeys } from '../ui/UndoKeys';
import { changeSport, sportsIn, useClubSports, useSportSaving } from './club-sports';
import { useDemands } from './store';

function download(profile: SportProfile): void {
  const url = URL.createObjectURL(
    new Blob([`${JSON.stringify(writeSport(profile), null, 2)}\n`], { type: 'application/json' }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = `${profile.id}.sport.json`;
  link.click();
  URL.revokeObjectURL(url);
}

function MenuLine({
  children,
  onClick,
  danger = false,
}: {
  children: ReactNode;
  onClick: () => void;
  danger?: boolean;
}) {
  return (
    <MenuItem>
      <button
        type="button"
        className={`block w-full px-3 py-1.5 text-left text-[0.9rem] data-focus:bg-edge ${danger ? 'text-oxide' : ''}`}
        onClick={onClick}
      >
        {children}
      </button>
    </MenuItem>
  );
}

export type SportDialog = 'import' | 'copy' | 'roles';

interface DemandsBarProps {
  profile: SportProfile;
  role: string;
  /** Sport and role that stand beside it, `sport:role`; empty when none do. */
  compared: string;
  onAddress: (key: 'role' | 'with', value: string) => void;
  onDialog: (dialog: SportDialog) => void;
  onDrop: () => void;
}

/** Which sport and role is shown, beside what, and what can be done with the whole of it. */
export function DemandsBar({ profile, role, compared, onAddress, onDialog, onDrop }: DemandsBarProps) {
  const navigate = useNavigate();
  const { past, future, undo, redo } = useDemands();
  const club = useClubSports().data ?? [];
  const saving = useSportSaving(profile.id);
  const all = sportsIn(club);
  const own = club.find((c) => c.profile.id === profile.id);
  const standing = !own ? 'standard profile' : own.removed ? 'hidden' : 'custom profile';
  const shipped = sportById(profile.id);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-stone px-4 py-2">
      <h1 className="head text-[1.3rem]">
        <label>
          <span className="sr-only">Sport</span>
          <select
            aria-label="Sport"
            className="head max-w-64 cursor-pointer truncate border-b border-stone bg-clear pr-1 text-[1.3rem]"
            value={profile.id}
            onChange={(e) => void navigate(`/demands/${e.target.value}`)}
          >
            {!all.some((s) => s.id === profile.id) && <option value={profile.id}>{profile.name}</option>}
            {all.map((s) => (
              <option key={s.id} value={s.id} className="bg-paper text-base">
                {s.name}
              </option>
            ))}
          </select>
        </label>
      </h1>
      <div role="tablist" aria-label="Role" className="flex">
        {profile.roles.map((r) => (
          <button
            key={r.id}
            type="button"
            role="tab"
            aria-selected={r.id === role}
            className={`head border-b-[3px] px-2.5 py-1 text-[0.9rem] ${r.id === role ? 'border-oxide' : 'border-clear text-quiet hover:text-ink'}`}
            onClick={() => onAddress('role', r.id)}
          >
            {r.name}
          </button>
        ))}
      </div>
      <span className="ml-auto flex items-center gap-1.5">
        <span className="text-small text-quiet" aria-live="polite">
          {saving.kind === 'trouble' ? '' : saving.kind === 'saved' ? standing : 'saving …'}
        </span>
        <UndoKeys past={past} future={future} undo={undo} redo={redo} />
        <select
          aria-label="Compare with"
          className="field h-8 w-44"
          value={compared}
          onChange={(e) => onAddress('with', e.target.value)}
        >
          <option value="">Compare with …</option>
          <optgroup label={profile.name}>
            {profile.roles
              .filter((r) => r.id !== role)
              .map((r) => (
                <option key={r.id} value={`${profile.id}:${r.id}`}>
                  {r.name}
                </option>
              ))}
          </optgroup>
          {all
            .filter((s) => s.id !== profile.id)
            .map((s) => (
              <optgroup key={s.id} label={s.name}>
                {s.roles.map((r) => (
                  <option key={r.id} value={`${s.id}:${r.id}`}>
                    {s.name}: {r.name.toLowerCase()}
                  </option>
                ))}
              </optgroup>
            ))}
        </select>
        <Menu>
          <MenuButton className="key key-plain" aria-label="More" title="More">
            <MoreHorizontal size={17} />
          </MenuButton>
          <MenuItems anchor="bottom end" className="z-10 w-60 border-2 border-ink bg-paper focus:outline-none">
            <MenuLine onClick={() => onDialog('roles')}>Roles …</MenuLine>
            <MenuLine onClick={() => download(profile)}>Export to a file</MenuLine>
            <MenuLine onClick={() => onDialog('import')}>Import …</MenuLine>
            <MenuLine onClick={() => onDialog('copy')}>Copy as a custom sport …</MenuLine>
            {own?.removed && <MenuLine onClick={() => changeSport(profile)}>Show in the list again</MenuLine>}
            {own && !own.removed && (
              <MenuLine danger onClick={onDrop}>
                {shipped ? 'Reset to the standard profile' : 'Hide from the list'}
              </MenuLine>
            )}
          </MenuItems>
        </Menu>
      </span>
    </div>
  );
}
