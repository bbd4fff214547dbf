import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { LUMBAR_DEG, type LimitsDeg } from '@taxikine/core/body/solver/limits';
import {
  RANGES_OF_PATTERN,
  USUAL_RANGES,
  type UsualRange,
} from '@taxikine/core/inference/depth/usualRanges';
import { View } from '@tamagui/core';
import { memo } from 'react';
import { Button } from '../../ui/Button';
import { Section } from '../../ui/layout';
import { Slider } from '../../ui/Slider';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { FitBench } from './useFitBench';

const BOUNDS: Readonly<Record<UsualRange, readonly [number, number]>> = {
  ankleBendDeg: [0, 55],
  hipBendDeg: [60, 150],
  kneeBendDeg: [60, 160],
  straightLegRaiseDeg: [30, 120],
  hipExtendDeg: [-20, 45],
  toeBendDeg: [10, 80],
};

interface RangeSlidersProps {
  readonly pattern: Pattern;
  readonly limits: LimitsDeg;
  readonly onChange: FitBench['setRange'];
  readonly onLumbar: FitBench['setLumbar'];
}

/** What the joints allow, left on the left hand; measured ones are there, others can be tried. */
export const RangeSliders = memo(function RangeSliders({
  pattern,
  limits,
  onChange,
  onLumbar,
}: RangeSlidersProps) {
  const t = useText();
  return (
    <Section>
      <Title small aria-level={2}>
        {t('fit.ranges')}
      </Title>
      <Words small soft>
        {t('fit.rangesHint')}
      </Words>
      {RANGES_OF_PATTERN[pattern].map((range) => (
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
      <Slider
        label={t('fit.lumbar')}
        value={limits.lumbarBendDeg ?? LUMBAR_DEG.neutral}
        least={-10}
        most={LUMBAR_DEG.round}
        step={1}
        unit="°"
        onChange={onLumbar}
      />
    </Section>
  );
});

interface OneRangeProps {
  readonly value: number | undefined;
  readonly side: Side;
  readonly range: UsualRange;
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
