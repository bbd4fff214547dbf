import { bodyOf } from '@taxikine/core/body/segments/body';
import { isStaggered, type Pattern } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import type { LimitsDeg, SideLimitsDeg } from '@taxikine/core/body/solver/limits';
import { usualStepM, type StanceSetup } from '@taxikine/core/body/solver/stance';
import { orUsual, type UsualRange } from '@taxikine/core/inference/depth/usualRanges';
import { seenDepthDeg } from '@taxikine/core/inference/trace/depthShares';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { latestLimits } from '@taxikine/core/inference/case/latestLimits';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { setupFor } from '@taxikine/core/reading/visit/setupFor';
import { maybeVisitFile } from '@taxikine/core/inference/case/visitFile';
import { withPart } from '../../visit/setup/withPart';
import { useCallback, useMemo, useState } from 'react';

/** One foot ahead of the other: which, and how far apart the ankles are. */
export interface Step {
  readonly front: Side;
  readonly stepCm: number;
}

export interface FitBench {
  readonly question: PostureQuestion;
  readonly pattern: Pattern;
  readonly setup: Setup;
  readonly step: Step;
  /** The set-up with its step: what is saved for looks and drills. */
  readonly kept: Setup;
  readonly limits: LimitsDeg;
  /** Depth seen, if one was read: thigh angle, in a hinge the trunk's lean. */
  readonly seenDeg: number | null;
  /** Thigh angle (in a hinge the trunk's lean) to stand at; null is as deep as it goes. */
  readonly depthDeg: number | null;
  readonly setPattern: (pattern: Pattern) => void;
  readonly setSetup: (part: Partial<Setup>) => void;
  readonly setStep: (part: Partial<Step>) => void;
  /** Takes a whole set-up over, with its step. */
  readonly take: (setup: StanceSetup) => void;
  readonly setRange: (side: Side, range: UsualRange, deg: number | undefined) => void;
  readonly setSeen: (deg: number | null) => void;
  readonly setDepth: (deg: number | null) => void;
  /** How far the low back may bend, degrees. */
  readonly setLumbar: (deg: number) => void;
}

const ofVisit = (file: ClientFile, visitId: string | null) =>
  [...file.looks]
    .sort((a, b) => b.startedOn.localeCompare(a.startedOn))
    .find((look) => look.visitId === visitId);

/** Set-up to begin with: that of the look the bench was opened from, else what is remembered. */
const firstSetup = (file: ClientFile, visitId: string | null, pattern: Pattern): Setup =>
  ofVisit(file, visitId)?.setup ?? setupFor(file, pattern, null).setup;

function firstSeen(file: ClientFile, visitId: string | null): number | null {
  const visit = visitId ? maybeVisitFile(file, visitId) : null;
  if (!visit) return null;
  return seenDepthDeg(caseFileOf(visit));
}

function withRange(limits: LimitsDeg, side: Side, range: UsualRange, deg: number | undefined) {
  const next: SideLimitsDeg = { ...limits[side], [range]: deg };
  if (deg === undefined) delete (next as Record<string, number>)[range];
  return { ...limits, [side]: next };
}

/** The step of a set-up; a pattern without one keeps a usual lunge's for when it is asked for. */
const stepOf = (pattern: Pattern, { front, stepCm }: Setup, heightM: number): Step => ({
  front: front ?? 'left',
  stepCm: stepCm ?? Math.round(100 * usualStepM(pattern, heightM)),
});

/** All that the Fit bench remembers while it is open; nothing of it is kept before it is saved. */
export function useFitBench(file: ClientFile, visitId: string | null): FitBench {
  const { heightM, massKg, segments } = file.client;
  const [pattern, setPattern] = useState<Pattern>(
    () => file.visits.find(({ id }) => id === visitId)?.pattern ?? 'squat',
  );
  const [setup, setSetup] = useState(() => firstSetup(file, visitId, pattern));
  const [step, setStep] = useState(() => stepOf(pattern, setup, heightM));
  const [limits, setLimits] = useState(() => latestLimits(file));
  const [seenDeg, setSeen] = useState(() => firstSeen(file, visitId));
  const [depthDeg, setDepth] = useState<number | null>(null);
  const changePattern = useCallback(
    (next: Pattern) => {
      const own = setupFor(file, next, null).setup;
      setPattern(next);
      setSetup(own);
      setStep(stepOf(next, own, heightM));
      // A thigh angle means nothing to a hinge, nor a lean to a squat.
      setDepth(null);
      setSeen(null);
    },
    [file, heightM],
  );
  const changeSetup = useCallback<FitBench['setSetup']>(
    (part) => setSetup((now) => withPart(now, part)),
    [],
  );
  const changeStep = useCallback<FitBench['setStep']>(
    (part) => setStep((now) => ({ ...now, ...part })),
    [],
  );
  const take = useCallback<FitBench['take']>(({ front, stepCm, ...whole }) => {
    setSetup((now) => withPart(now, whole));
    setStep((now) => ({ front: front ?? now.front, stepCm: stepCm ?? now.stepCm }));
  }, []);
  const changeRange = useCallback<FitBench['setRange']>(
    (side, range, deg) => setLimits((now) => withRange(now, side, range, deg)),
    [],
  );
  const changeLumbar = useCallback<FitBench['setLumbar']>(
    (lumbarBendDeg) => setLimits((now) => ({ ...now, lumbarBendDeg })),
    [],
  );
  const body = useMemo(() => bodyOf(heightM, massKg, segments), [heightM, massKg, segments]);
  const kept = useMemo<Setup>(
    () => (isStaggered(pattern) ? { ...setup, ...step } : setup),
    [pattern, setup, step],
  );
  const question = useMemo<PostureQuestion>(
    () => ({ pattern, body, setup: kept, limits: orUsual(limits, pattern) }),
    [pattern, body, kept, limits],
  );
  return {
    question,
    pattern,
    setup,
    kept,
    step,
    limits,
    seenDeg,
    depthDeg,
    setPattern: changePattern,
    setSetup: changeSetup,
    setStep: changeStep,
    take,
    setRange: changeRange,
    setSeen,
    setDepth,
    setLumbar: changeLumbar,
  };
}
