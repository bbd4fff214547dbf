import { View } from '@tamagui/core';
import { startTransition, useOptimistic } from 'react';
import { usePalette } from './usePalette';
import { Numeral, Words } from './text';

export interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly unit: string;
  readonly onChange: (value: number) => void;
  /** Said instead of the number, such as "not measured". */
  readonly word?: string;
}

/** A value to pull along a line; arrow keys move it a step. */
export function Slider({ label, value, least, most, step, unit, onChange, word }: SliderProps) {
  const palette = usePalette();
  // The thumb follows the hand at once; what hangs on the value may take a few frames.
  const [held, hold] = useOptimistic(value);
  const pull = (next: number) =>
    startTransition(() => {
      hold(next);
      onChange(next);
    });
  const said = word ?? (unit === '°' ? `${held}°` : `${held} ${unit}`);
  return (
    <View gap={0} alignSelf="stretch">
      <View flexDirection="row" justifyContent="space-between" alignItems="baseline" gap="$2">
        <Words small soft>
          {label}
        </Words>
        <Numeral fontSize="$3" lineHeight="$3">
          {said}
        </Numeral>
      </View>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={said}
        min={least}
        max={most}
        step={step}
        value={held}
        onChange={(event) => pull(Number(event.target.value))}
        style={{ width: '100%', height: 48, margin: 0, accentColor: palette.accent }}
      />
    </View>
  );
}
