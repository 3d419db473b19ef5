import { type Action, may } from '@tropaeum/core/people/permissions';
import type { ComponentType } from 'react';
import { Navigate, NavLink, useLocation, useParams } from 'react-router';
import { useMe } from '../api/queries';
import { Waiting } from '../ui/States';
import { AccountSettings } from './AccountSettings';
import { AuditTrail } from './AuditTrail';
import { ClubSettings } from './ClubSettings';
import { LinkSettings } from './LinkSettings';
import { PeopleSettings } from './PeopleSettings';
import { ProgressionSettings } from './ProgressionSettings';
import { RetentionSettings } from './RetentionSettings';
import { RulesSettings } from './RulesSettings';
import { SignIns } from './SignIns';
import { SquadSettings } from './SquadSettings';

interface Part {
  id: string;
  name: string;
  needs: Action;
  Page: ComponentType;
}

/** The parts of the settings, each with an address of its own. */
const parts: readonly Part[] = [
  { id: 'account', name: 'Account', needs: 'account', Page: AccountSettings },
  { id: 'sign-ins', name: 'Sign-ins', needs: 'account', Page: SignIns },
  { id: 'club', name: 'Club', needs: 'club', Page: ClubSettings },
  { id: 'squads', name: 'Squads', needs: 'delete', Page: SquadSettings },
  { id: 'people', name: 'People', needs: 'people', Page: PeopleSettings },
  { id: 'rules', name: 'House rules', needs: 'club', Page: RulesSettings },
  { id: 'progression', name: 'Progression', needs: 'write', Page: ProgressionSettings },
  { id: 'links', name: 'Links', needs: 'send', Page: LinkSettings },
  { id: 'retention', name: 'Retention', needs: 'club', Page: RetentionSettings },
  { id: 'audit', name: 'Audit trail', needs: 'audit', Page: AuditTrail },
];

/** Settings of the account for everybody, of the club for its owners. */
export function SettingsView() {
  const { part = 'account' } = useParams();
  const me = useMe();
  // Who has no squads has the settings of the account at an address without them.
  const base = useLocation().pathname.startsWith('/my') ? '/my' : '/settings';
  if (!me.data) return <Waiting what="Opening settings" />;
  const { role } = me.data;
  const open = parts.filter(({ needs }) => may(role, needs));
  const shown = open.find(({ id }) => id === part);
  if (!shown) return <Navigate to={`${base}/account`} replace />;
  const { Page } = shown;
  return (
    <div className="flex min-w-0 flex-1 max-sm:flex-col">
      <nav aria-label="Settings" className="w-40 shrink-0 border-r border-edge py-5 max-sm:w-full max-sm:border-r-0">
        {open.map(({ id, name }) => (
          <NavLink
            key={id}
            to={`${base}/${id}`}
            className={({ isActive }) =>
              `block px-6 py-1 ${isActive ? 'border-l-4 border-bronze bg-sheet font-semibold' : 'border-l-4 border-clear text-quiet hover:text-ink'}`
            }
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <main className="min-w-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8">
        <h1 className="head text-2xl">{shown.name}</h1>
        <Page />
      </main>
    </div>
  );
}
