import type { Sized, Weights } from '@taxikine/core/knowledge/ladders/weights';
import { View } from '@tamagui/core';
import { useWeights, useSetWeights } from '../../data/usePractice';
import { Button } from '../../ui/Button';
import { Stepper } from '../../ui/Stepper';
import { Title, Words } from '../../ui/text';
import { ours, useShownUnit, useUnits } from '../../words/units';
import { useText } from '../../words/useText';

/** Sizes that are sold, in kilograms or pounds; what is there is a part of them. */
const SOLD = {
  metric: {
    dumbbells: [1, 2, 3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20, 24, 28, 32],
    plates: [0.5, 1.25, 2.5, 5, 10, 15, 20],
  },
  imperial: {
    dumbbells: [2, 3, 5, 8, 10, 12, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70],
    plates: [1.25, 2.5, 5, 10, 25, 35, 45],
  },
} as const;

/** What is there and is not sold here stays to be seen: a practice may have changed its units. */
const sizesOf = (sold: readonly number[], there: readonly Sized[]): number[] =>
  [...new Set([...sold, ...there.map(({ kg }) => kg)])].sort((a, b) => a - b);

const countOf = (sizes: readonly Sized[], kg: number): number =>
  sizes.find((one) => one.kg === kg)?.count ?? 0;

const withCount = (sizes: readonly Sized[], kg: number, count: number): Sized[] =>
  [...sizes.filter((one) => one.kg !== kg), ...(count > 0 ? [{ kg, count }] : [])].sort(
    (a, b) => a.kg - b.kg,
  );

const MOST_PAIRS = 4;

/** A pair, one, none, and round again. */
const nextCount = (count: number): number => (count === 0 ? 2 : count === 2 ? 1 : 0);

/** What there is in the practice to load with; every tap is kept. */
export function WeightsThere() {
  const t = useText();
  const there = useWeights();
  const set = useSetWeights();
  const change = (part: Partial<Weights>) => set({ ...there, ...part });
  const { kept } = useShownUnit('kg');
  const sold = SOLD[useUnits()];
  return (
    <View gap="$4" role="group" aria-label={t('ladder.there')}>
      <Words soft>{t('ladder.thereLead')}</Words>
      <View gap="$2" role="group" aria-label={t('ladder.dumbbells')}>
        <Title small aria-level={3}>
          {t('ladder.dumbbells')}
        </Title>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {sizesOf(sold.dumbbells.map(kept), there.dumbbells).map((kg) => (
            <Size
              key={kg}
              kg={kg}
              count={countOf(there.dumbbells, kg)}
              onCount={(count) => change({ dumbbells: withCount(there.dumbbells, kg, count) })}
            />
          ))}
        </View>
      </View>
      <View gap="$2" role="group" aria-label={t('ladder.plates')}>
        <Title small aria-level={3}>
          {t('ladder.plates')}
        </Title>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {sizesOf(sold.plates.map(kept), there.plates).map((kg) => {
            const pairs = Math.floor(countOf(there.plates, kg) / 2);
            const next = pairs >= MOST_PAIRS ? 0 : pairs + 1;
            return (
              <Button
                key={kg}
                tight
                small
                chosen={pairs > 0}
                label={ours(`${kg} kg`)}
                note={t('ladder.pairs', { count: pairs })}
                onPress={() => change({ plates: withCount(there.plates, kg, 2 * next) })}
              />
            );
          })}
        </View>
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Stepper
          label={t('ladder.handles')}
          value={there.handles}
          from={0}
          unit=""
          least={0}
          most={4}
          onChange={(handles) => change({ handles })}
        />
        <Stepper
          label={t('ladder.handleKg')}
          value={there.handleKg}
          from={2}
          unit="kg"
          least={0.5}
          most={10}
          step={0.5}
          onChange={(handleKg) => change({ handleKg })}
        />
      </View>
    </View>
  );
}

interface SizeProps {
  readonly kg: number;
  readonly count: number;
  readonly onCount: (count: number) => void;
}

function Size({ kg, count, onCount }: SizeProps) {
  const t = useText();
  return (
    <Button
      tight
      small
      chosen={count > 0}
      label={ours(`${kg} kg`)}
      note={t(`ladder.count.${count === 1 ? 1 : count >= 2 ? 2 : 0}`)}
      onPress={() => onCount(nextCount(count))}
    />
  );
}
