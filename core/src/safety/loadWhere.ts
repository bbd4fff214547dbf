import type { DrillLoad } from '../knowledge/drillLoad';
import { oneRegion, type Region } from '../knowledge/regions';
import type { MaybeSide } from '../sides/side';
import { loadAt } from './loadAt';

/** A place of the body, on a side unless it is both or the middle. */
export interface Place {
  readonly region: Region;
  readonly side?: MaybeSide;
}

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
