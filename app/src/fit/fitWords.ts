import { type Binding, type Lack, type LimitId } from '@taxikine/core';
import type { TextOf } from '../words/useText';

/** Only what a coach can do something about is named; which foot is loaded most is not. */
const UNNAMED: readonly LimitId[] = ['weightShare', 'pelvisTurn', 'pelvisTilt', 'sideLean'];

/** "right ankle, both hips" */
export function bindingWords(binding: readonly Binding[], t: TextOf): string {
  const named = binding.filter(({ limit }) => !UNNAMED.includes(limit));
  const limits = [...new Set(named.map(({ limit }) => limit))];
  return limits
    .map((limit) => {
      const sides = new Set(named.filter((one) => one.limit === limit).map(({ side }) => side));
      const both = sides.has('left') && sides.has('right');
      if (both) return t(`fit.both.${limit}`);
      const [side] = sides;
      return side ? `${t(side)} ${t(`fit.limit.${limit}`)}` : t(`fit.limit.${limit}`);
    })
    .join(', ');
}

/** "right ankle 8° more" */
export const lackWords = ({ side, limit, by, unit }: Lack, t: TextOf): string =>
  [side ? t(side) : '', t(`fit.limit.${limit}`), `+${by.toFixed(by < 10 ? 1 : 0)}`]
    .filter(Boolean)
    .join(' ') + (unit === 'deg' ? '°' : ` ${unit}`);

/** "thighs stop 12° above level", "thighs 4° below level", "thighs level" */
export function depthWords(thighDeg: number, t: TextOf): string {
  const degrees = Math.round(Math.abs(thighDeg));
  if (degrees === 0) return t('fit.level');
  return t(thighDeg > 0 ? 'fit.above' : 'fit.below', { degrees });
}
