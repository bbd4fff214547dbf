import type { PostureReport } from '@taxikine/core/body/solver/postureReport';
import { GRAVITY } from '@taxikine/core/foundation/numeric/gravity';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { ours } from '../words/units';
import type { TextOf } from '../words/useText';

/** A knee nearer than this to the line of its foot is over it, in millimetres. */
const OVER_MM = 15;
/** Shares of the foot ahead of the ankle between which the weight is in the middle of it. */
const MIDDLE = { from: 0.2, to: 0.3 } as const;
/** Hundredths of the weight within which both feet bear the same. */
const EVEN = 1;

const kneeWords = ({ kneeOutMm }: PostureReport, side: Side, t: TextOf): string => {
  const mm = kneeOutMm[side];
  const where = Math.abs(mm) < OVER_MM ? 'over' : mm < 0 ? 'inside' : 'outside';
  return t(`fit.kneeLine.${where}`, { side: t(side), cm: Math.round(Math.abs(mm) / 10) });
};

const begun = (sentence: string): string => sentence.charAt(0).toUpperCase() + sentence.slice(1);

/** "Left knee 3 cm inside its foot, right knee over its foot."; on one leg of that knee alone. */
export function kneesWords(posture: PostureReport, t: TextOf, oneLeg?: Side): string {
  if (oneLeg) return ours(`${begun(kneeWords(posture, oneLeg, t))}.`);
  if (SIDES.every((side) => Math.abs(posture.kneeOutMm[side]) < OVER_MM)) return t('fit.bothOver');
  return ours(`${begun(SIDES.map((side) => kneeWords(posture, side, t)).join(', '))}.`);
}

/** "Weight over the middle of the feet, 56 % on the left."; on one leg where on that foot. */
export function weightWords(posture: PostureReport, t: TextOf, oneLeg?: Side): string {
  const { pressureAhead, shareLeft } = posture;
  const at = pressureAhead < MIDDLE.from ? 'heel' : pressureAhead > MIDDLE.to ? 'toes' : 'middle';
  if (oneLeg) return t('fit.pressesOne', { ahead: t(`fit.aheadOne.${at}`) });
  const ahead = t(`fit.ahead.${at}`);
  const onLeft = Math.round(100 * shareLeft);
  if (Math.abs(onLeft - 50) <= EVEN) return t('fit.pressesEven', { ahead });
  const side = onLeft > 50 ? 'left' : 'right';
  return t('fit.presses', { ahead, percent: Math.max(onLeft, 100 - onLeft), side: t(side) });
}

/** "The post is pulled with 6 kg."; null where no hand holds one. */
export function pullWords({ pullNewton }: PostureReport, t: TextOf): string | null {
  const kg = Math.round(Math.abs(pullNewton) / GRAVITY);
  return kg > 0 ? ours(t('fit.pulls', { kg })) : null;
}
