import { signTest, type SignTest } from '../change/signTest';
import { FAULT_LEVELS } from '../../knowledge/faults';
import { levelIn, withheldBecause, type ComparedLooks } from './verdicts';

export interface FaultTally extends SignTest {
  readonly same: number;
}

/** Faults that were graded again, counted by which way they went, with the exact sign test. */
export function faultTally(looks: ComparedLooks): FaultTally {
  const { first, again } = looks;
  const counted = { better: 0, same: 0, worse: 0 };
  if (first && again && withheldBecause(looks).length === 0)
    for (const fault of first.faults) {
      const level = levelIn(again, fault);
      if (level === null) continue;
      const [was, is] = [fault.grade, level].map((one) => FAULT_LEVELS.indexOf(one));
      counted[is < was ? 'better' : is > was ? 'worse' : 'same']++;
    }
  return { ...signTest(counted.better, counted.worse), same: counted.same };
}
