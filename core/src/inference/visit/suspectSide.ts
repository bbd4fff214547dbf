import type { SeenFault } from '../../records/case/caseFile';
import { otherSide, type Side } from '../../foundation/sides/side';

/** The side to try first: what the hips slide away from, else the side of a fault; the left where nothing has one. */
export function suspectSide({ faults }: { readonly faults: readonly SeenFault[] }): Side {
  const slide = faults.find(({ fault, side }) => fault === 'hips-slide' && side);
  if (slide) return otherSide(slide.side!);
  return faults.find(({ side }) => side)?.side ?? 'left';
}
