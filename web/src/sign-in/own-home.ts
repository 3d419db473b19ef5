import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { Me } from '../api/types';
import { homeOf } from '../layout/home';

/** Where whoever has just come in begins. */
export async function ownHome(): Promise<string> {
  const { role } = await queryClient.fetchQuery({ queryKey: ['me'], queryFn: () => ask<Me>('/me') });
  const home = homeOf(role);
  // A coach begins with what needs one.
  return home === '/' ? '/attention' : home;
}
