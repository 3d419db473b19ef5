import type { WorkStep } from '@tropaeum/core/session/player/steps';
import type { SessionDay } from '../use-day';

/** What can be open over the floor. */
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
