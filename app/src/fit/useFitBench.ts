import {
  bodyOf,
  caseFileOf,
  latestLimits,
  maybeVisitFile,
  orUsual,
  seenDepthDeg,
  stanceProblems,
  USUAL_SETUP,
  type ClientFile,
  type LimitsDeg,
  type PostureQuestion,
  type Setup,
  type Side,
  type SideLimitsDeg,
} from '@taxikine/core';
import { useCallback, useMemo, useState } from 'react';

/** The ranges that the bench can pull at. */
export const BENCH_RANGES = ['ankleBendDeg', 'hipBendDeg', 'kneeBendDeg'] as const;
export type BenchRange = (typeof BENCH_RANGES)[number];

export interface FitBench {
  readonly question: PostureQuestion;
  readonly setup: Setup;
  readonly limits: LimitsDeg;
  /** Thigh angle seen in the look, if one was read. */
  readonly seenDeg: number | null;
  /** Thigh angle to stand at; null is as deep as it goes. */
  readonly depthDeg: number | null;
  /** What no joint could help about this stance. */
  readonly problem: string | null;
  readonly changed: boolean;
  readonly setSetup: (part: Partial<Setup>) => void;
  readonly setRange: (side: Side, range: BenchRange, deg: number | undefined) => void;
  readonly setSeen: (deg: number | null) => void;
  readonly setDepth: (deg: number | null) => void;
}

/** Set-up to begin with: what is saved, or what was looked at last. */
function firstSetup(file: ClientFile, visitId: string | null): Setup {
  const looks = [...file.looks].sort((a, b) => b.startedOn.localeCompare(a.startedOn));
  const own = looks.find((look) => look.visitId === visitId);
  return own?.setup ?? file.client.setup ?? looks[0]?.setup ?? USUAL_SETUP;
}

function firstSeen(file: ClientFile, visitId: string | null): number | null {
  const visit = visitId ? maybeVisitFile(file, visitId) : null;
  if (!visit) return null;
  return seenDepthDeg(caseFileOf(visit));
}

function withRange(limits: LimitsDeg, side: Side, range: BenchRange, deg: number | undefined) {
  const next: SideLimitsDeg = { ...limits[side], [range]: deg };
  if (deg === undefined) delete (next as Record<string, number>)[range];
  return { ...limits, [side]: next };
}

/** All that the Fit bench remembers while it is open; nothing of it is kept before it is saved. */
export function useFitBench(file: ClientFile, visitId: string | null): FitBench {
  const [setup, setSetup] = useState(() => firstSetup(file, visitId));
  const [limits, setLimits] = useState(() => latestLimits(file));
  const [seenDeg, setSeen] = useState(() => firstSeen(file, visitId));
  const [depthDeg, setDepth] = useState<number | null>(null);
  const changeSetup = useCallback<FitBench['setSetup']>(
    (part) => setSetup((now) => ({ ...now, ...part })),
    [],
  );
  const changeRange = useCallback<FitBench['setRange']>(
    (side, range, deg) => setLimits((now) => withRange(now, side, range, deg)),
    [],
  );
  const { heightM, massKg, segments } = file.client;
  const body = useMemo(() => bodyOf(heightM, massKg, segments), [heightM, massKg, segments]);
  const question = useMemo(
    () => ({ pattern: 'squat' as const, body, setup, limits: orUsual(limits), tuckDeg: 0 }),
    [body, setup, limits],
  );
  const problem = useMemo(
    () => stanceProblems(body, 'squat', setup)[0]?.message ?? null,
    [body, setup],
  );
  return {
    question,
    setup,
    limits,
    seenDeg,
    depthDeg,
    problem,
    changed: JSON.stringify(setup) !== JSON.stringify(file.client.setup ?? USUAL_SETUP),
    setSetup: changeSetup,
    setRange: changeRange,
    setSeen,
    setDepth,
  };
}
