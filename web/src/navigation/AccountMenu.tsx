import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Link, useNavigate } from 'react-router';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { Me } from '../api/types';
import { toggleTheme } from '../ui/theme';
import { capital } from '../ui/words';

/** Signs out here, and forgets what this page knew. */
export function useSignOut(): () => Promise<void> {
  const navigate = useNavigate();
  return async () => {
    await ask('/sign-out', 'POST');
    queryClient.clear();
    await navigate('/sign-in');
  };
}

interface AccountMenuProps {
  me: Me;
  /** Where the settings of the account are, unless they are among the main places. */
  account?: string;
}

/** Who is signed in, the look of the page, and the way out. */
export function AccountMenu({ me, account }: AccountMenuProps) {
  const signOut = useSignOut();
  const item = 'block w-full px-3 py-1 text-left data-focus:bg-sheet';
  return (
    <Menu>
      <MenuButton className="cursor-pointer px-2 text-quiet hover:text-ink data-open:text-ink">{me.name}</MenuButton>
      <MenuItems anchor="bottom end" className="z-30 w-56 border border-stone bg-lit py-1 text-[0.9rem] shadow-lg">
        <p className="px-3 py-1 text-small text-quiet">
          {capital(me.role)} of {me.organisation}
        </p>
        {account && (
          <MenuItem>
            <Link to={account} className={item}>
              Account and sign-ins
            </Link>
          </MenuItem>
        )}
        <MenuItem>
          <button type="button" className={item} onClick={toggleTheme}>
            Light or dark
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={item} onClick={() => void signOut()}>
            Sign out
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
