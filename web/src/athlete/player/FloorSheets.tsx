import { ChangeSheet } from './ChangeSheet';
import type { FloorSheetsProps, OpenSheet } from './floor-sheets';
import { LeaveOutSheet } from './LeaveOutSheet';
import { PainSheet } from './PainSheet';
import { WishesSheet } from './WishesSheet';

/** What opens over the floor. */
export function FloorSheets({ open, ...props }: FloorSheetsProps & { open: OpenSheet }) {
  switch (open) {
    case 'settings':
      return <WishesSheet onClose={props.onClose} />;
    case 'change':
      return <ChangeSheet {...props} />;
    case 'leave out':
      return <LeaveOutSheet {...props} />;
    case 'pain':
      return <PainSheet {...props} />;
  }
}
