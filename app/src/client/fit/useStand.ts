import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { FigureView } from '@taxikine/core/body/skeleton/camera';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import { useMemo } from 'react';
import { useEased, type Found } from '../../solver/useEased';
import { usePosture, type Aim, type PostureWanted } from '../../solver/usePosture';
import type { FitBench } from './useFitBench';

const aimAt = (pattern: Pattern, deg: number): Aim =>
  pattern === 'hinge' ? { trunkLeanDeg: deg } : { thighDeg: deg };

/** How this body stands at a depth; the same object for as long as nothing of it changes. */
function useWanted(question: PostureQuestion, deg: number | null, view: FigureView) {
  return useMemo<PostureWanted | null>(
    () => (deg === null ? null : { question, aim: aimAt(question.pattern, deg), view }),
    [question, deg, view],
  );
}

/** What the body reaches, how it stands at the asked depth, and how it would at the seen one. */
export function useStand({ question, depthDeg, seenDeg }: FitBench, view: FigureView) {
  const deepest = useMemo(() => ({ question, aim: null, view }), [question, view]);
  const lowest = usePosture(deepest);
  const asked = usePosture(useWanted(question, depthDeg, view));
  const seen = usePosture(useWanted(question, seenDeg, view));
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
