import type { Place } from '../../records/case/notYetAllowed';
import type { DrillLoad } from '../../knowledge/drillLoad';
import { oneRegion } from '../../knowledge/regions';
import type { MaybeSide } from '../../foundation/sides/side';
import { loadAt } from './loadAt';

/** What a drill on a side does at a place; the middle of the body has a part in either side. */
export function loadWhere(
  { region, side: at }: Place,
  load: DrillLoad,
  side: MaybeSide,
): DrillLoad {
  const { isBack, joints, area } = oneRegion(region);
  if (isBack || joints.includes('neck')) return load;
  return loadAt(load, side, area === 'neck-and-arms' ? 'arm' : 'leg', at);
}
