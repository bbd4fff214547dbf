import type { SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { Figure } from '../figure/Figure';

const DEEP_SQUAT: SeenMoment = { pattern: 'squat', phase: 'bottom', faults: [] };
const SOMEBODY = { heightM: 1.74, massKg: 70, segments: {} };

/** Somebody in a deep squat: what this is about. */
export const SignInFigure = (size: { width: number; height: number }) => (
  <Figure
    client={SOMEBODY}
    setup={USUAL_SETUP}
    moment={DEEP_SQUAT}
    view="side"
    label=""
    {...size}
  />
);
