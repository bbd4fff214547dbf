import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { FitAim, FitFor } from '@taxikine/core/body/solver/fit';
import { ours } from '../../words/units';

/** Depth to fit for when none has been set: thighs level, a trunk leaning well forward. */
const WANTED = { thighDeg: 0, trunkLeanDeg: 60 } as const;
/** Other aims are compared a little short of what the body reaches, so that all can stand there. */
const SHORT_OF_REACH = 6;

/**
 * What the solver is asked to fit for.
 *
 * @param depthDeg the depth set on the bench (thigh angle; in a hinge the trunk's lean), if one is
 * @param reachDeg how deep the body goes now, in the pattern's own measure
 */
export function fitAim(
  pattern: Pattern,
  aim: FitFor,
  depthDeg: number | null,
  reachDeg: number,
): FitAim {
  if (pattern === 'hinge') {
    const lean = depthDeg ?? WANTED.trunkLeanDeg;
    const held = aim === 'depth' ? lean : Math.min(lean, -reachDeg - SHORT_OF_REACH);
    return { for: aim, trunkLeanDeg: Math.max(0, Math.round(held)) };
  }
  const thigh = depthDeg ?? WANTED.thighDeg;
  const held = aim === 'depth' ? thigh : Math.max(thigh, reachDeg + SHORT_OF_REACH);
  return { for: aim, thighDeg: Math.round(held) };
}

export type ValueUnit = '°' | 'Nm';

export const unitOf = (aim: FitFor): ValueUnit => (aim === 'knees' || aim === 'hips' ? 'Nm' : '°');

export const withUnit = (value: number, unit: ValueUnit): string =>
  ours(`${value.toFixed(0)}${unit === '°' ? unit : ` ${unit}`}`);

/** A value as it is said: the solver counts a hinge's depth downward, a coach counts its lean. */
export const saidValue = (pattern: Pattern, aim: FitFor, value: number): number =>
  pattern === 'hinge' && aim === 'depth' ? -value : value;
