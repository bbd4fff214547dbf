import type { AttributionWithErrors } from '@taxikine/core/inference/depth/attributeWithErrors';
import { roundedToSum } from '@taxikine/core/foundation/words/roundedToSum';
import { View } from '@tamagui/core';
import Svg, { Line, Rect } from 'react-native-svg';
import { Numeral, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';
import { ours } from '../words/units';

const BAR = 34;
/** A part smaller than this, in centimetres, is left out of the list. */
const TELLING_CM = 0.05;

/** The numbers under the bar are rounded together, so that they too add up. */
const SHOWN_CM = 0.1;

/** "6.1 ± 1.2 cm" */
export const withError = (cm: number, errorCm: number): string =>
  ours(
    errorCm >= TELLING_CM ? `${cm.toFixed(1)} ± ${errorCm.toFixed(1)} cm` : `${cm.toFixed(1)} cm`,
  );

type ShownShare = AttributionWithErrors['shares'][number];

/** One bar that adds up: how the missing depth divides. */
export function SharesBar({ found, width }: { found: AttributionWithErrors; width: number }) {
  const t = useText();
  const palette = usePalette();
  const shown = roundedToSum(
    found.shares.map(({ cm }) => cm),
    SHOWN_CM,
  );
  const shares = found.shares
    .map((share, i) => ({ ...share, cm: shown[i] }))
    .filter(({ cm }) => Math.abs(cm) >= TELLING_CM);
  const positive = shares.filter(({ cm }) => cm > 0).sort((a, b) => b.cm - a.cm);
  const total = positive.reduce((sum, { cm }) => sum + cm, 0);
  const inks = [palette.ink, palette.sea, palette.ochre, palette.plum, palette.slate];
  const inkOf = (share: ShownShare) =>
    share.part === 'not explained by range'
      ? palette.accent
      : inks[
          positive.filter((one) => one.part !== 'not explained by range').indexOf(share) %
            inks.length
        ];
  if (shares.length === 0) return <Words soft>{t('fit.nothingMissing')}</Words>;
  const words = shares.map(
    (share) => `${t(`fit.part.${share.part}`)} ${withError(share.cm, share.errorCm)}`,
  );
  const startOf = (share: ShownShare) =>
    positive.slice(0, positive.indexOf(share)).reduce((sum, { cm }) => sum + cm, 0);
  return (
    <View gap="$2" role="group" aria-label={words.join(', ')}>
      {total > 0 ? (
        <Svg width={width} height={BAR} aria-hidden>
          {positive.map((share) => {
            const x = (startOf(share) / total) * width;
            const wide = (share.cm / total) * width;
            return (
              <Rect
                key={share.part}
                x={x}
                y={4}
                width={Math.max(0, wide - 2)}
                height={BAR - 8}
                fill={share.part === 'not explained by range' ? 'none' : inkOf(share)}
                stroke={inkOf(share)}
                strokeWidth={2}
                strokeDasharray={share.part === 'not explained by range' ? '5 4' : undefined}
              />
            );
          })}
        </Svg>
      ) : null}
      {[...positive, ...shares.filter(({ cm }) => cm <= 0)].map((share) => (
        <View key={share.part} flexDirection="row" alignItems="center" gap="$2">
          <Svg width={18} height={12} aria-hidden>
            <Line
              x1={0}
              x2={18}
              y1={6}
              y2={6}
              stroke={share.cm > 0 ? inkOf(share) : palette.slate}
              strokeWidth={7}
              strokeDasharray={share.part === 'not explained by range' ? '5 3' : undefined}
            />
          </Svg>
          <Words flex={1}>{t(`fit.part.${share.part}`)}</Words>
          <Numeral fontSize="$3" lineHeight="$3">
            {withError(share.cm, share.errorCm)}
          </Numeral>
        </View>
      ))}
      <View flexDirection="row" borderTopWidth={1.5} borderColor="$ink" paddingTop="$1">
        <Words flex={1} bold>
          {t('fit.total')}
        </Words>
        <Numeral fontSize="$3" lineHeight="$3">
          {withError(found.shortfallCm, found.shortfallErrorCm)}
        </Numeral>
      </View>
    </View>
  );
}
