import type { AttributionInput } from '@taxikine/core/inference/depth/attribute';
import { View } from '@tamagui/core';
import { FeetInset } from '../../solver/FeetInset';
import { roundingWords } from '../../solver/roundingWords';
import { kneesWords, weightWords } from '../../solver/standWords';
import { lastOf, useLongAnswer } from '../../solver/useLongAnswer';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Pixels that the feet are drawn within. */
const FEET = 72;

/** What these ranges make of low back, knees and weight: what to look for, beside what was seen. */
export function LikelyStand({ question }: { readonly question: AttributionInput }) {
  const t = useText();
  const stood = lastOf(useLongAnswer(JSON.stringify(question), (ask) => ask.stand(question)));
  if (!stood) return null;
  const { posture, prints, rounding, at } = stood;
  const { oneLeg } = question.setup;
  const weight = weightWords(posture, t, oneLeg);
  const words = [
    rounding && roundingWords(rounding, t, question.pattern),
    kneesWords(posture, t, oneLeg),
    weight,
  ];
  return (
    <View flexDirection="row" gap="$4" alignItems="center">
      <View flex={1} gap="$1">
        <Words small soft>
          {t(`fit.likely.${at}`)}
        </Words>
        <Words>{words.filter(Boolean).join(' ')}</Words>
      </View>
      <FeetInset prints={prints} most={FEET} label={t('fit.feet', { words: weight })} />
    </View>
  );
}
