import { onSide } from '../../foundation/sides/onSide';
import { CHECKS, oneCheck, type CheckId, type CheckRow } from '../../knowledge/checks';
import { normFor } from '../../knowledge/norms';
import { PROBES, type ProbeId, type ProbeRow } from '../../knowledge/probes';
import { GRADES } from '../../body/stance/patterns';
import type { Setup } from '../../body/stance/setup';
import { maybeAgainstCheck, maybeAgainstProbe } from '../../inference/safety/againstAsking';
import type { CareFor } from '../../inference/safety/careOf';
import { standingIn } from '../../inference/safety/standingIn';
import { SIDES, type MaybeSide } from '../../foundation/sides/side';
import { suspectSide } from '../../inference/visit/suspectSide';
import type { CaseFile, SeenFault } from '../../records/case/caseFile';
import type { CauseNode } from '../../inference/trace/inference/network';
import { bestOf } from '../../inference/trace/observe/observeChecks';
import { rangeRatio } from '../../inference/trace/rangeRatio';
import { maybeAskedByCheck, maybeFinding, type Asked } from './whatItAsks';

/** A check or probe that was not done yet. */
export type Candidate = { readonly minutes: number; readonly asked: Asked } & (
  | { readonly kind: 'check'; readonly check: CheckId; readonly side: MaybeSide }
  | { readonly kind: 'probe'; readonly probe: ProbeId; readonly side: MaybeSide }
);

/** A probe that would change nothing of this set-up; a cue changes none, and can always be said. */
export function changesSomething({ change }: Pick<ProbeRow, 'change'>, setup: Setup): boolean {
  const next = change(setup, 'left');
  return next === setup || JSON.stringify(next) !== JSON.stringify(setup);
}

/** The fault that a probe would be judged on first: the most marked. */
const mainFault = (faults: readonly SeenFault[]): SeenFault | undefined =>
  [...faults].sort((a, b) => GRADES.indexOf(b.grade) - GRADES.indexOf(a.grade))[0];

function probeCandidates({ look, probes }: CaseFile, nodes: readonly CauseNode[]): Candidate[] {
  const fault = mainFault(look.faults);
  if (!fault) return [];
  const about = { fault: fault.fault, side: fault.side ?? null };
  const done = new Set<string>(probes.map(({ probe }) => probe));
  return (PROBES as readonly ProbeRow[])
    .filter((row) => !done.has(row.id) && changesSomething(row, look.setup))
    .flatMap(({ id, minutes, sided }): Candidate[] => {
      const probe = id as ProbeId;
      const side = sided ? suspectSide(look) : null;
      const findings = (['better', 'same', 'worse'] as const)
        .map((outcome) =>
          maybeFinding(`probe:${probe}:${outcome}`, side, nodes, sided ? undefined : about),
        )
        .filter((one) => one !== null);
      return findings.length > 0
        ? [{ kind: 'probe', probe, side, minutes, asked: { norm: null, findings } }]
        : [];
    });
}

/** Checks whose end is worth asking about: those that were short, or have no number. */
function shortEnds({ checks, norms }: CaseFile): ReadonlySet<string> {
  const short = checks.filter((one) => {
    const row = oneCheck(one.check);
    const value = bestOf(one);
    return (
      row.type !== 'range' || value === undefined || rangeRatio(value, normFor(row, norms)) > 1
    );
  });
  return new Set(short.map(({ check, side }) => onSide(check, side)));
}

function checkCandidates(file: CaseFile, nodes: readonly CauseNode[]): Candidate[] {
  const done = new Set<string>(file.checks.map(({ check, side }) => onSide(check, side)));
  const short = shortEnds(file);
  const isDone = (check: string, side: MaybeSide) => done.has(onSide(check, side));
  return (CHECKS as readonly CheckRow[]).flatMap((row) => {
    const sides: readonly MaybeSide[] = row.sided ? SIDES : [null];
    const normed = row.type === 'range' ? { ...row, norm: normFor(row, file.norms) } : row;
    return sides
      .filter((side) => !isDone(row.id, side))
      .filter(() => row.needs !== 'load' || file.look.setup.load.at !== 'none')
      .filter((side) => !row.after || short.has(onSide(row.after, side)))
      .flatMap((side): Candidate[] => {
        const asked = maybeAskedByCheck(normed, side, nodes);
        const check = row.id as CheckId;
        return asked ? [{ kind: 'check', check, side, minutes: row.minutes, asked }] : [];
      });
  });
}

/** Neither a flag nor what hurts speaks against it. */
const isSafe = (one: Candidate, known: CareFor): boolean =>
  (one.kind === 'check'
    ? maybeAgainstCheck(one.check, one.side, known)
    : maybeAgainstProbe(one.probe, one.side, known)) === null;

/** Everything that could be asked next, and may be of this client. */
export function candidatesOf(file: CaseFile, nodes: readonly CauseNode[]): Candidate[] {
  const known: CareFor = { ...standingIn(file), pains: file.look.pain };
  return [...probeCandidates(file, nodes), ...checkCandidates(file, nodes)].filter((one) =>
    isSafe(one, known),
  );
}
