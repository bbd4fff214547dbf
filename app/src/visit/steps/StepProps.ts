import type { Step } from '@taxikine/core/records/visits/visitRecord';
import type { OpenVisit } from '../../data/useVisit';

/** What every step of a visit is given. */
export interface StepProps {
  readonly open: OpenVisit;
  /** Goes to a step and remembers it, on every device. */
  readonly onStep: (step: Step) => void;
  readonly wide: boolean;
  /** Width there is for the step, in pixels. */
  readonly width: number;
  /** Height of the screen, in pixels. */
  readonly height: number;
}
