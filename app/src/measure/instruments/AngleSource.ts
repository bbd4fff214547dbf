import type { Reading } from './steady';

/** Anything that says at what angle it lies; the phone's own sensor, or the simulated limb. */
export interface AngleSource {
  readonly device: 'phone inclinometer' | 'simulated';
  /** Begins to tell its readings; the answer stops it. */
  readonly listen: (onReading: (reading: Reading) => void) => () => void;
}
