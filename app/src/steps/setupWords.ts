import type { Setup } from '@taxikine/core';
import type { TextOf } from '../words/useText';

/** A set-up in one line. */
export function setupWords(setup: Setup, t: TextOf): string {
  const { left, right } = setup.toeOutDeg;
  const parts = [
    t('setup.summary', {
      stance: setup.stanceCm,
      left,
      right,
      arms: t(`setup.armsWords.${setup.arms}`),
    }),
  ];
  if (setup.heelLiftMm > 0) parts.push(t('setup.heelSummary', { mm: setup.heelLiftMm }));
  if (setup.hands === 'post') parts.push(t('setup.handsWords.post'));
  if (setup.load.at !== 'none')
    parts.push(`${setup.load.kg} kg ${t(`setup.loadWords.${setup.load.at}`)}`);
  return parts.join(' · ');
}
