import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { Rounding } from '@taxikine/core/body/solver/rounding';
import type { TextOf } from '../words/useText';

/** How a thigh at a depth is spoken of. */
export function levelOf(depthDeg: number): 'level' | 'above' | 'below' {
  if (Math.round(depthDeg) === 0) return 'level';
  return depthDeg > 0 ? 'above' : 'below';
}

/** "12° above level"; of a hinge "a lean of 71°". */
function placeWords(depthDeg: number, t: TextOf, pattern: Pattern): string {
  const degrees = Math.round(Math.abs(depthDeg));
  return t(`fit.place.${pattern === 'hinge' ? 'lean' : levelOf(depthDeg)}`, { degrees });
}

/** "The low back rounds from 12° above level on; with a flat back you stop at level." */
export function roundingWords({ fromDeg, flatDeg }: Rounding, t: TextOf, pattern: Pattern): string {
  const from =
    fromDeg === null
      ? t('fit.staysFlat')
      : t('fit.roundsFrom', { place: placeWords(fromDeg, t, pattern) });
  return flatDeg === null || fromDeg === null
    ? from
    : `${from} ${t('fit.flatStops', { place: placeWords(flatDeg, t, pattern) })}`;
}
