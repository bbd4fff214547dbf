import {
  isReplaceable,
  LEAST_ALLOWED_DEG,
  REPLACEABLE,
} from '@taxikine/core/knowledge/replaceable';
import type { Region } from '@taxikine/core/knowledge/regions';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { HistoryItem } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface ReplacedPartProps {
  readonly region: Region;
  readonly side: MaybeSide;
  readonly history: HistoryItem[];
  readonly onHistory: (items: HistoryItem[]) => void;
}

const STEP_DEG = 5;

/** Whether a joint was replaced, and how far the surgeon lets it bend; nothing where none is replaced. */
export function ReplacedPart({ region, side, history, onHistory }: ReplacedPartProps) {
  const t = useText();
  if (!side || !isReplaceable(region)) return null;
  const isIt = (one: HistoryItem) => one.replaced && one.region === region && one.side === side;
  const told = history.find(isIt);
  const others = history.filter((one) => !isIt(one));
  const item: HistoryItem = { what: 'operation', region, side, replaced: true };
  const { mostDeg, halfDeg } = REPLACEABLE[region];
  return (
    <View gap="$2" role="group" aria-label={t('meet.replaced')}>
      <View flexDirection="row">
        <Button
          tight
          label={t('meet.replaced')}
          chosen={Boolean(told)}
          onPress={() => onHistory(told ? others : [...history, item])}
        />
      </View>
      {told ? (
        <>
          <Stepper
            label={t('meet.surgeonAllows')}
            value={told.mostDeg ?? null}
            from={halfDeg}
            unit="°"
            least={LEAST_ALLOWED_DEG}
            most={mostDeg}
            step={STEP_DEG}
            onChange={(deg) => onHistory([...others, { ...item, mostDeg: deg }])}
          />
          <Words small soft>
            {t(told.mostDeg === undefined ? 'meet.surgeonUnasked' : 'meet.surgeonTold')}
          </Words>
        </>
      ) : null}
    </View>
  );
}
