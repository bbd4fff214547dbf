import { oneDrill } from '../../knowledge/drills';
import type { CareFor } from '../../inference/safety/careOf';
import { flagEffects } from '../../inference/safety/flagRules';
import { painEffects } from '../../inference/safety/painRules';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Ladder, Rung } from '../../knowledge/ladders/ladder';
import { onRung } from '../../knowledge/ladders/onRung';

interface Said {
  readonly effect: 'forbidden' | 'easier' | 'warned';
  readonly says: string;
}

const isAgainst = ({ effect }: Said): boolean => effect !== 'warned';

/** What pain and flags say against a rung, pain first. */
function against(ladder: Ladder, rung: Rung, side: MaybeSide, known: CareFor) {
  const row = onRung(oneDrill(ladder.drill), ladder, rung);
  return {
    pains: painEffects(row, side, known.pains ?? []).filter(isAgainst),
    flags: flagEffects(row, side, known)
      .filter(isAgainst)
      // What is kept to with a light weight may be climbed to.
      .filter(({ effect, light }) => effect === 'forbidden' || !light),
  };
}

/**
 * Why a rung is not for this client, though the first one of its ladder may be: something is said against it that
 * is not said against that one, or it takes away the hand from where something hurts. Null when nothing is.
 */
export function maybeRungAgainst(
  ladder: Ladder,
  rung: Rung,
  side: MaybeSide,
  known: CareFor,
): string | null {
  const [first] = ladder.rungs;
  const [here, there] = [rung, first].map((one) => against(ladder, one, side, known));
  const isNew = (list: readonly Said[]) => (one: Said) =>
    !list.some(({ effect, says }) => effect === one.effect && says === one.says);
  const pain = here.pains.find(
    (one) => isNew(there.pains)(one) || (first.hand === true && !rung.hand),
  );
  return pain?.says ?? here.flags.find(isNew(there.flags))?.says ?? null;
}
