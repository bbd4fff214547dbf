import { SIDES, USUAL_RANGES, type LimitsDeg, type Side } from '@taxikine/core';
import { View } from '@tamagui/core';
import { memo } from 'react';
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

interface RangeSlidersProps {
  readonly limits: LimitsDeg;
  readonly onChange: FitBench['setRange'];
}

/** What the joints allow, left on the left hand; measured ones are there, others can be tried. */
export const RangeSliders = memo(function RangeSliders({ limits, onChange }: RangeSlidersProps) {
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
            <OneRange
              key={side}
              value={limits[side]?.[range]}
              side={side}
              range={range}
              onChange={onChange}
            />
          ))}
        </View>
      ))}
    </View>
  );
});

interface OneRangeProps {
  readonly value: number | undefined;
  readonly side: Side;
  readonly range: BenchRange;
  readonly onChange: FitBench['setRange'];
}

const OneRange = memo(function OneRange({ value, side, range, onChange }: OneRangeProps) {
  const t = useText();
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
        onChange={(deg) => onChange(side, range, deg)}
      />
      {value === undefined ? null : (
        <Button
          kind="quiet"
          tight
          small
          label={t('fit.letGo')}
          says={`${label}: ${t('fit.letGo')}`}
          onPress={() => onChange(side, range, undefined)}
        />
      )}
    </View>
  );
});
