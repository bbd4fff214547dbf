import { askDeepest, askSettle, type PostureQuestion } from './ask';
import { LUMBAR_DEG } from './limits';

/** What the low back has to do with a depth: degrees in the pattern's own measure, see `patternDepth`. */
export interface Rounding {
  /** From here down the likely posture bends the low back beyond neutral; null where it never does. */
  readonly fromDeg: number | null;
  /** As deep as it goes with the low back no rounder than neutral; null where that is not at all. */
  readonly flatDeg: number | null;
}

/** Where to look for the beginning: standing, in the pattern's own measure, and how often it is halved. */
const HIGHEST_DEG = { hinge: -15, other: 60 } as const;
const HALVINGS = 7;

/** How far the low back bends in the likely posture at a depth; null where there is none. */
function lumbarAt(question: PostureQuestion, depthDeg: number): number | null {
  const aim = question.pattern === 'hinge' ? { trunkLeanDeg: -depthDeg } : { thighDeg: depthDeg };
  const answer = askSettle(question, aim);
  return answer.status === 'found' ? answer.posture.lumbarBendDeg : null;
}

/** Halves the way down until the depth is known at which the low back leaves neutral. */
function beginning(question: PostureQuestion, lowestDeg: number): number | null {
  const isRound = (deg: number) => (lumbarAt(question, deg) ?? 0) > LUMBAR_DEG.neutral;
  if (!isRound(lowestDeg)) return null;
  let round = lowestDeg;
  let flat: number = HIGHEST_DEG[question.pattern === 'hinge' ? 'hinge' : 'other'];
  for (let i = 0; i < HALVINGS; i++) {
    const half = (round + flat) / 2;
    if (isRound(half)) round = half;
    else flat = half;
  }
  return round;
}

/** A step above the lowest, where a posture is still free to be the likely one; degrees. */
const ABOVE_LOWEST = 0.5;

/** Where rounding begins and what a flat back would cost; null for a low back that is let go no further. */
export function roundingOf(question: PostureQuestion): Rounding | null {
  const { lumbarBendDeg = LUMBAR_DEG.neutral } = question.limits;
  if (lumbarBendDeg <= LUMBAR_DEG.neutral) return null;
  const lowest = askDeepest(question);
  if (lowest.status !== 'found') return null;
  const flat = askDeepest({
    ...question,
    limits: { ...question.limits, lumbarBendDeg: LUMBAR_DEG.neutral },
  });
  return {
    fromDeg: beginning(question, lowest.depthDeg + ABOVE_LOWEST),
    flatDeg: flat.status === 'found' ? flat.depthDeg : null,
  };
}
