import { SIDES, USUAL_RANGES, type Side } from '@taxikine/core';
import { View } from '@tamagui/core';
import { Button } from '../ui/Button';
import { Slider } from '../ui/Slider';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { BENCH_RANGES, type BenchRange, type FitBench } from './useFitBench';

const BOUNDS: Readonly<Record<BenchRange, readonly [number, number]>> = {
  ankleBendDeg: [0, 55],
  hipBendDeg: [60, 150],
  kneeBendDeg: [60, 160],
};

/** What the joints allow, left on the left hand; measured ones are there, others can be tried. */
export function RangeSliders({ bench }: { bench: FitBench }) {
  const t = useText();
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('fit.ranges')}
      </Title>
      <Words small soft>
        {t('fit.rangesHint')}
      </Words>
      {BENCH_RANGES.map((range) => (
        <View key={range} flexDirection="row" gap="$4">
          {SIDES.map((side) => (
            <OneRange key={side} bench={bench} side={side} range={range} />
          ))}
        </View>
      ))}
    </View>
  );
}

function OneRange({ bench, side, range }: { bench: FitBench; side: Side; range: BenchRange }) {
  const t = useText();
  const value = bench.limits[side]?.[range];
  const [least, most] = BOUNDS[range];
  const label = `${t(side)} ${t(`fit.range.${range}`)}`;
  return (
    <View flex={1} gap={0}>
      <Slider
        label={label}
        value={value ?? USUAL_RANGES[range]}
        least={least}
        most={most}
        step={1}
        unit="°"
        word={value === undefined ? t('fit.usual', { degrees: USUAL_RANGES[range] }) : undefined}
        onChange={(deg) => bench.setRange(side, range, deg)}
      />
      {value === undefined ? null : (
        <Button
          kind="quiet"
          tight
          small
          label={t('fit.letGo')}
          says={`${label}: ${t('fit.letGo')}`}
          onPress={() => bench.setRange(side, range, undefined)}
        />
      )}
    </View>
  );
}
