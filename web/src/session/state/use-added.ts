import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useSession } from './store';

/** An exercise that was sent over from the library or the bench, with its dose where one is named, goes into the session once the page is open. */
export function useAdded(opened: boolean): void {
  const [address, setAddress] = useSearchParams();
  const variantId = address.get('add');
  const dose = address.get('dose') ?? undefined;
  useEffect(() => {
    if (!opened || !variantId) return;
    setAddress(
      (now) => {
        now.delete('add');
        now.delete('dose');
        return now;
      },
      { replace: true },
    );
    void useSession.getState().addNamed(variantId, dose);
  }, [opened, variantId, dose, setAddress]);
}
