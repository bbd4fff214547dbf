import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { Lack } from '@taxikine/core/body/solver/ask';
import type { Binding } from '@taxikine/core/body/solver/binding';
import type { LimitId } from '@taxikine/core/body/solver/condition';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { TextOf } from '../../words/useText';
import { ours } from '../../words/units';
import { levelOf } from '../../solver/roundingWords';

/** Only what a coach can do something about is named; which foot is loaded most is not. */
const UNNAMED: readonly LimitId[] = [
  'weightShare',
  'pelvisTurn',
  'pelvisTilt',
  'sideLean',
  'shinTiltIn',
  'shinTiltOut',
  'shinTurnIn',
  'shinTurnOut',
];

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
  ours(
    [side ? t(side) : '', t(`fit.limit.${limit}`), `+${by.toFixed(by < 10 ? 1 : 0)}`]
      .filter(Boolean)
      .join(' ') + (unit === 'deg' ? '°' : ` ${unit}`),
  );

/** "Thighs stop 12° above level", "Front thigh reaches level"; of a hinge "Trunk leans to 71°". */
export function depthWords(depthDeg: number, t: TextOf, pattern: Pattern, oneLeg?: Side): string {
  const degrees = Math.round(Math.abs(depthDeg));
  if (pattern === 'hinge') return t('fit.leans', { degrees });
  const thigh = pattern !== 'squat' ? 'frontThigh' : oneLeg ? 'oneThigh' : 'thighs';
  return t(`fit.${thigh}.${levelOf(depthDeg)}`, { degrees });
}
