import { faultTally } from '@taxikine/core/inference/visit/faultTally';
import { withheldBecause } from '@taxikine/core/inference/visit/verdicts';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { Figure } from '../../figure/Figure';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

/** Both looks on one figure, and how many of the faults went which way; or why they are not compared. */
export function LooksLaidOver({ visit, width }: { visit: VisitFile; width: number }) {
  const t = useText();
  const { first, again } = visit;
  const withheld = useMemo(() => withheldBecause(visit), [visit]);
  const { better, same, worse, p } = useMemo(() => faultTally(visit), [visit]);
  if (!first || !again) return null;
  if (withheld.length > 0)
    return (
      <View gap="$1" borderLeftWidth={6} borderColor="$accent" paddingLeft="$3" role="status">
        <Words bold>{t('verdict.withheld')}</Words>
        {withheld.map((one) => (
          <Words key={one}>{ours(one)}</Words>
        ))}
        <Words small soft>
          {t('verdict.withheldBody')}
        </Words>
      </View>
    );
  const { pattern } = visit.visit;
  const moment = (faults: typeof first.faults) => ({ pattern, phase: 'bottom' as const, faults });
  return (
    <View flexDirection="row" gap="$3" alignItems="center">
      <Figure
        client={visit.client}
        setup={first.setup}
        moment={moment(again.faults)}
        before={moment(first.faults)}
        view={pattern === 'squat' ? 'back' : 'side'}
        width={Math.min(190, width * 0.44)}
        height={190}
        label={t('verdict.overlay')}
      />
      <View flex={1} gap="$1">
        <Words small soft>
          {t('verdict.overlay')}
        </Words>
        {better + same + worse > 0 ? (
          <Words bold>{t('verdict.tally', { better, same, worse })}</Words>
        ) : null}
        {better + worse > 1 ? (
          <Words small soft>
            {t('verdict.tallyP', { p: probabilityWords(p) })}
          </Words>
        ) : null}
      </View>
    </View>
  );
}
