import type { WorkStep } from '@tropaeum/core/session/player/steps';
import type { SessionDay } from '../use-day';
import { ChangeSheet } from './ChangeSheet';
import { LeaveOutSheet } from './LeaveOutSheet';
import { PainSheet } from './PainSheet';
import { WishesSheet } from './WishesSheet';

export type OpenSheet = 'settings' | 'change' | 'leave out' | 'pain';

export interface FloorSheetsProps {
  day: SessionDay;
  step: WorkStep;
  /** Only the set that is shown is left out, and the next one comes. */
  onSkip: () => void;
  onOpen: (sheet: OpenSheet) => void;
  onClose: () => void;
  onEnd: () => void;
  onWrong: () => void;
}

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
