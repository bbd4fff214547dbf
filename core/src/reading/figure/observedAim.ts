import type { Grade, Phase } from '../../body/stance/patterns';
import { signOf } from '../../foundation/sides/side';
import type { SeenFault } from '../../records/case/caseFile';
import { PHASE_AIMS } from '../../body/skeleton/phaseAims';
import type { SquatAim } from '../../body/skeleton/squatPosture';

/** How far a grade is drawn when no number was taken. */
const DRAWN: Record<string, Record<Grade, number>> = {
  'hips-slide': { slight: 18, plain: 34, marked: 55 },
  'pelvis-turns': { slight: 4, plain: 8, marked: 13 },
  'trunk-side-bends': { slight: 4, plain: 8, marked: 13 },
  'trunk-folds': { slight: 44, plain: 52, marked: 62 },
  /** How far the low back is drawn round, whatever number was read of the pelvis. */
  'pelvis-tucks': { slight: 15, plain: 22, marked: 30 },
  'depth-short': { slight: 10, plain: 20, marked: 32 },
};

const amount = (fault: SeenFault): number => fault.value ?? DRAWN[fault.fault]?.[fault.grade] ?? 0;

/** A repetition with the seen faults drawn into it, so that the figure shows what was logged. */
export function observedAim(phase: Phase, faults: readonly SeenFault[]): SquatAim {
  const here = faults.filter((fault) => fault.phase === phase);
  const one = (id: string) => here.find((fault) => fault.fault === id);
  const signed = (id: string): number => {
    const fault = one(id);
    return fault?.side ? signOf(fault.side) * amount(fault) : 0;
  };
  const folds = one('trunk-folds');
  const short = one('depth-short');
  const tucks = one('pelvis-tucks');
  const usual = PHASE_AIMS[phase];
  return {
    ...usual,
    thighDeg: short ? amount(short) : usual.thighDeg,
    shiftM: signed('hips-slide') / 1000,
    turnDeg: signed('pelvis-turns'),
    sideLeanDeg: signed('trunk-side-bends'),
    ...(tucks ? { lumbarDeg: DRAWN['pelvis-tucks'][tucks.grade] } : {}),
    ...(folds ? { trunkLeanDeg: amount(folds) } : {}),
  };
}
