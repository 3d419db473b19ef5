import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useSession } from './store';

/** An exercise that was sent over from the library goes into the session once the page is open. */
export function useAdded(opened: boolean): void {
  const [address, setAddress] = useSearchParams();
  const variantId = address.get('add');
  useEffect(() => {
    if (!opened || !variantId) return;
    setAddress(
      (now) => {
        now.delete('add');
        return now;
      },
      { replace: true },
    );
    void useSession.getState().addNamed(variantId);
  }, [opened, variantId, setAddress]);
}
