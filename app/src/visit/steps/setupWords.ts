import type { Setup } from '@taxikine/core/body/stance/setup';
import type { TextOf } from '../../words/useText';
import { ours } from '../../words/units';

/** A set-up in one line. */
export function setupWords(setup: Setup, t: TextOf): string {
  const { left, right } = setup.toeOutDeg;
  const { stanceCm: stance, front, stepCm: step = 0 } = setup;
  const arms = t(`setup.armsWords.${setup.arms}`);
  const parts = [
    front
      ? t('setup.stepSummary', { front: t(front), step, stance, left, right, arms })
      : t(setup.oneLeg ? 'setup.oneLegStance' : 'setup.summary', { stance, left, right, arms }),
  ];
  if (setup.oneLeg) parts.unshift(t('setup.oneLegSummary', { side: t(setup.oneLeg) }));
  if (setup.frontFootLiftMm) parts.push(t('setup.frontLiftSummary', { mm: setup.frontFootLiftMm }));
  if (setup.heelLiftMm > 0) parts.push(t('setup.heelSummary', { mm: setup.heelLiftMm }));
  if (setup.oneHeelUp) parts.push(t('setup.oneHeelSummary', { side: t(setup.oneHeelUp) }));
  if (setup.hands === 'post') parts.push(t('setup.handsWords.post'));
  if (setup.load.at !== 'none')
    parts.push(ours(`${setup.load.kg} kg ${t(`setup.loadWords.${setup.load.at}`)}`));
  return parts.join(' · ');
}
