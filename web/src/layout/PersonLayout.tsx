import { useEffect } from 'react';
import { Link, NavLink, Outlet, useNavigate } from 'react-router';
import { ApiError } from '../api/client';
import { queryClient, useMe } from '../api/queries';
import type { Me } from '../api/types';
import { AccountMenu } from '../navigation/AccountMenu';
import { setDateLanguage } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';
import { setUnits } from '../ui/units';
import { homeOf } from './home';

/** The main place of each role that sees single athletes. */
const places: Partial<Record<Me['role'], { to: string; name: string }>> = {
  physio: { to: '/care', name: 'Athletes' },
  guardian: { to: '/family', name: 'Family' },
  athlete: { to: '/family', name: 'My training' },
};

/** The frame of physios, guardians and athletes with a sign-in: narrow enough for a phone. */
export function PersonLayout() {
  const me = useMe();
  const navigate = useNavigate();
  const unknown = me.error instanceof ApiError && me.error.status === 401;
  const place = me.data && places[me.data.role];
  useEffect(() => {
    if (unknown) void navigate('/sign-in', { replace: true });
    else if (me.data && !place) void navigate(homeOf(me.data.role), { replace: true });
  }, [unknown, me.data, place, navigate]);
  useEffect(() => {
    if (me.data) setUnits(me.data.settings.units);
  }, [me.data]);
  if (unknown) return null;
  // Before anything below writes a date.
  if (me.data) setDateLanguage(me.data.settings.dates);
  if (me.error) return <Trouble error={me.error} again={() => void queryClient.invalidateQueries()} />;
  if (!me.data || !place) return <Waiting what="Opening" />;
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="no-print flex min-h-12 items-stretch gap-x-4 border-b-2 border-ink px-4 sm:px-6">
        <Link to={place.to} className="name-wide flex items-center text-[1.2rem]">
          Tropaeum
        </Link>
        <nav aria-label="Main" className="flex items-stretch">
          <NavLink
            to={place.to}
            className={({ isActive }) =>
              `flex min-h-11 items-center px-3 ${isActive ? 'border-b-2 border-bronze font-semibold' : 'text-quiet hover:text-ink'}`
            }
          >
            {place.name}
          </NavLink>
        </nav>
        <span className="ml-auto flex items-stretch">
          <AccountMenu me={me.data} account="/my/account" />
        </span>
      </header>
      <div className="flex min-h-0 flex-1">
        <Outlet />
      </div>
    </div>
  );
}
