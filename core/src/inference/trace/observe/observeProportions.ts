import { bodyOf, meanLength } from '../../../body/segments/body';
import { SHANK_TO_HEIGHT, THIGH_TO_HEIGHT } from '../../../body/segments/segmentTable';
import type { RangeNorm } from '../../../knowledge/checks';
import type { CaseFile } from '../../../records/case/caseFile';
import type { Observation } from '../connect';
import { rangeRatio } from '../rangeRatio';

const USUAL = THIGH_TO_HEIGHT / SHANK_TO_HEIGHT;

/** Thigh over shank: spread of 5 % around the usual; "long" is taken as 13 % more. Ours. */
const NORM: RangeNorm = {
  usual: [USUAL, 0.05],
  restricted: [USUAL + 0.13, 0.05],
  sem: 0.02,
  unit: 'deg',
  least: 0.5,
  most: 2,
};

/** Proportions count only when both lengths were taken with a tape. */
export function observeProportions({ client }: CaseFile): Observation[] {
  const { thighM, shankM } = client.segments ?? {};
  if (!thighM || !shankM) return [];
  const body = bodyOf(client.heightM, client.massKg, client.segments);
  const ratio = meanLength(body, 'thighM') / meanLength(body, 'shankM');
  return [
    {
      finding: 'proportion:thigh-to-shank',
      side: null,
      ratio: rangeRatio(ratio, NORM),
      words: `thigh ${ratio.toFixed(2)} of the shin`,
    },
  ];
}
