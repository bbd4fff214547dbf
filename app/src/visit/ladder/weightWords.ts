import type { RungWeight } from '@taxikine/core/knowledge/ladders/ladder';
import type { RungKg } from '@taxikine/core/knowledge/ladders/weightOfRung';
import type { TextOf } from '../../words/useText';
import { ours } from '../../words/units';

const tenth = (value: number): string => String(Math.round(value * 10) / 10);

/** What is to be held on a rung, in a sentence. */
export function weightWords(weight: RungWeight, kg: RungKg, t: TextOf): string {
  if (kg.status === 'nothing-there')
    return t('ladder.nothingThere', { wanted: tenth(kg.wantedKg) });
  if (kg.status === 'too-heavy')
    return t('ladder.tooHeavy', { wanted: tenth(kg.wantedKg), lightest: tenth(kg.lightestKg) });
  return t(`ladder.kg.${weight.as}`, {
    kg: tenth(kg.kg),
    percent: tenth(kg.percent),
    of: ours(kg.of),
  });
}
