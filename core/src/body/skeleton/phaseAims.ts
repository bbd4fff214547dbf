import type { Phase } from '../stance/patterns';
import type { SquatAim } from './squatPosture';

/** A usual repetition at the five places where a coach looks. */
export const PHASE_AIMS: Readonly<Record<Phase, SquatAim>> = {
  start: { thighDeg: 84, shinLeanDeg: 5 },
  down: { thighDeg: 40, shinLeanDeg: 24 },
  bottom: { thighDeg: 0, shinLeanDeg: 36 },
  up: { thighDeg: 34, shinLeanDeg: 24 },
  finish: { thighDeg: 84, shinLeanDeg: 5 },
};
