import { onSide } from '../../foundation/sides/onSide';
import type { CaseFile } from '../../records/case/caseFile';
import { observeChecks } from './observe/observeChecks';
import { observeFaults } from './observe/observeFaults';
import { observePain } from './observe/observePain';
import { observeProbes } from './observe/observeProbes';
import { oneCheck } from '../../knowledge/checks';
import { oneProbe } from '../../knowledge/probes';
import { faultKey } from '../../knowledge/keys';

/** Something that was found, as it can be left out of a trace to see what hangs on it. */
export interface LeavableFinding {
  /** `fault:hips-slide@left`, `clear:knee-in`, `probe:post`, `check:hip-bend@right`, `pain:0`. */
  readonly key: string;
  readonly words: string;
}

const faultKeys = ({ look }: CaseFile): LeavableFinding[] =>
  look.faults.map((fault) => ({
    key: `fault:${faultKey(fault)}`,
    words: observeFaults({ ...look, faults: [fault], clear: [] })[0].words,
  }));

const clearKeys = ({ look }: CaseFile): LeavableFinding[] =>
  look.clear.map((one) => ({
    key: `clear:${one}`,
    words: observeFaults({ ...look, faults: [], clear: [one] })[0].words,
  }));

const painKeys = ({ look }: CaseFile): LeavableFinding[] =>
  look.pain.flatMap((pain, i) => {
    const [seen] = observePain({ ...look, pain: [pain] });
    return seen ? [{ key: `pain:${i}`, words: seen.words }] : [];
  });

const probeKeys = (file: CaseFile): LeavableFinding[] =>
  [...new Set(file.probes.map(({ probe }) => probe))].flatMap((probe) => {
    const own = file.probes.filter((one) => one.probe === probe);
    const seen = observeProbes({ ...file, probes: own });
    return [
      {
        key: `probe:${probe}`,
        words: seen[0]?.words ?? `${oneProbe(probe).name}: ${own[0].outcome}`,
      },
    ];
  });

const checkKeys = (file: CaseFile): LeavableFinding[] =>
  file.checks.map((check) => {
    const { name } = oneCheck(check.check);
    const [seen] = observeChecks({ ...file, checks: [check] });
    const key = `check:${onSide(check.check, check.side)}`;
    return { key, words: seen?.words ?? name };
  });

/** Everything a trace was made from that can be left out of it, in the order it was found. */
export const leavableFindings = (file: CaseFile): LeavableFinding[] => [
  ...faultKeys(file),
  ...clearKeys(file),
  ...painKeys(file),
  ...probeKeys(file),
  ...checkKeys(file),
];

/** The same case as if some of its findings had never been made. */
export function withoutFindings(file: CaseFile, left: ReadonlySet<string>): CaseFile {
  const { look, probes, checks } = file;
  return {
    ...file,
    look: {
      ...look,
      faults: look.faults.filter((one) => !left.has(`fault:${faultKey(one)}`)),
      clear: look.clear.filter((one) => !left.has(`clear:${one}`)),
      pain: look.pain.filter((_, i) => !left.has(`pain:${i}`)),
    },
    probes: probes.filter(({ probe }) => !left.has(`probe:${probe}`)),
    checks: checks.filter(({ check, side }) => !left.has(`check:${onSide(check, side)}`)),
  };
}
