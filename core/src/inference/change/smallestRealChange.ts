import { Z_95 } from '../../foundation/numeric/normal';

/**
 * Smallest difference between two single measures that is more than measuring error, at 95 %:
 * 1.96·√2·SEM (J. P. Weir, J. Strength Cond. Res. 19(1), 2005). In the unit of `sem`.
 */
export const smallestRealChange = (sem: number): number => Z_95 * Math.SQRT2 * sem;
