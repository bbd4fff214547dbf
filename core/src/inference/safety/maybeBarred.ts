import type { DrillRow } from '../../knowledge/drillRow';
import type { MaybeSide } from '../../foundation/sides/side';
import type { CareFor } from './careOf';
import { maybeForbidden } from './flagRules';
import { painEffects } from './painRules';

/** Why a drill on a side may not be given to this client whoever asks, flags before pain; null when it may. */
export function maybeBarred(
  drill: DrillRow,
  side: MaybeSide,
  known: Omit<CareFor, 'cut' | 'helped'>,
): { readonly by: 'flag' | 'pain'; readonly says: string } | null {
  const flag = maybeForbidden(drill, side, known);
  if (flag) return { by: 'flag', says: flag };
  const [pain] = painEffects(drill, side, known.pains ?? []);
  return pain?.effect === 'forbidden' ? { by: 'pain', says: pain.says } : null;
}
