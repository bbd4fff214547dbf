import type { FigureView } from '@taxikine/core';
import { useEased, type Found } from '../solver/useEased';
import { usePosture, type Aim } from '../solver/usePosture';
import type { FitBench } from './useFitBench';

const aimAt = ({ pattern }: FitBench, deg: number): Aim =>
  pattern === 'hinge' ? { trunkLeanDeg: deg } : { thighDeg: deg };

/** What the body reaches, how it stands at the asked depth, and how it would at the seen one. */
export function useStand(bench: FitBench, view: FigureView) {
  const { question, depthDeg, seenDeg } = bench;
  const at = (deg: number | null) =>
    deg === null ? null : { question, aim: aimAt(bench, deg), view };
  const lowest = usePosture({ question, aim: null, view });
  const asked = usePosture(at(depthDeg));
  const seen = usePosture(at(seenDeg));
  const wanted = depthDeg === null ? lowest : asked;
  const shown = useEased(wanted?.status === 'found' ? wanted : null);
  const against: Found | null = seen?.status === 'found' ? seen : null;
  return {
    lowest,
    asked,
    shown,
    against,
    problem: lowest?.status === 'problem' ? lowest.message : null,
    /** In the pattern's own measure; a hinge counts downward. */
    reachDeg: lowest?.status === 'found' ? lowest.depthDeg : null,
  };
}

export type Stand = ReturnType<typeof useStand>;
