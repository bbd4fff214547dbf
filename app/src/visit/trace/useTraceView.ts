import {
  leavableFindings,
  withoutFindings,
  type LeavableFinding,
} from '@taxikine/core/inference/trace/leaveOut';
import type { CaseFile } from '@taxikine/core/records/case/caseFile';
import { maybeTrace } from '@taxikine/core/inference/trace/maybeTrace';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useMemo, useState } from 'react';

export interface TraceView {
  /** By everything that was found; null when it cannot all be true. */
  readonly actual: Trace | null;
  /** With some findings left out; the actual one when none are. */
  readonly shown: Trace | null;
  /** What is shown is of this case: that of the visit, or without what was left out. */
  readonly file: CaseFile;
  readonly findings: readonly LeavableFinding[];
  readonly left: ReadonlySet<string>;
  readonly toggle: (key: string) => void;
  readonly putBack: () => void;
  /** Key of the cause that is read; the most probable one that can change when nobody chose. */
  readonly selected: string | null;
  readonly select: (key: string) => void;
}

const NONE: ReadonlySet<string> = new Set();

const toggled = (left: ReadonlySet<string>, key: string): ReadonlySet<string> =>
  left.has(key) ? new Set([...left].filter((one) => one !== key)) : new Set([...left, key]);

/** State of the trace as it is read: what is left out to see what hangs on it, and which cause is open. */
export function useTraceView(visit: VisitFile): TraceView {
  const [left, setLeft] = useState(NONE);
  const [chosen, setChosen] = useState<string | null>(null);
  const file = useMemo(() => caseFileOf(visit), [visit]);
  const actual = useMemo(() => maybeTrace(file), [file]);
  const rest = useMemo(() => (left.size === 0 ? file : withoutFindings(file, left)), [file, left]);
  const shown = useMemo(() => (rest === file ? actual : maybeTrace(rest)), [file, rest, actual]);
  const causes = shown?.causes ?? [];
  const selected =
    causes.find(({ key }) => key === chosen) ??
    causes.find(({ kind }) => kind !== 'given') ??
    causes[0];
  return {
    actual,
    shown,
    file: rest,
    findings: useMemo(() => leavableFindings(file), [file]),
    left,
    toggle: (key) => setLeft((before) => toggled(before, key)),
    putBack: () => setLeft(NONE),
    selected: selected?.key ?? null,
    select: setChosen,
  };
}
