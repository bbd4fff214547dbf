import { View } from '@tamagui/core';
import { startTransition, useLayoutEffect, useRef, type ChangeEvent } from 'react';
import { usePalette } from './usePalette';
import { Numeral, Words } from './text';
import { useShownUnit } from '../words/units';

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

/**
 * A thumb that the browser moves under the hand, with nothing of ours in between: were the page drawn
 * anew at every move, a slow phone would never get to draw what hangs on the value.
 */
function useThumb(value: number, onPull: (value: number) => void) {
  const input = useRef<HTMLInputElement>(null);
  const pulledTo = useRef<number | null>(null);
  useLayoutEffect(() => {
    // A value on its way to where the hand already is does not move the thumb back.
    if (pulledTo.current !== null && pulledTo.current !== value) return;
    pulledTo.current = null;
    if (input.current) input.current.value = String(value);
  }, [value]);
  const onChange = (event: ChangeEvent<HTMLInputElement>) => {
    const next = Number(event.target.value);
    pulledTo.current = next;
    startTransition(() => onPull(next));
  };
  return { ref: input, defaultValue: value, onChange };
}

/** What moves at every pull is laid out by itself: nothing in it changes the size of its box. */
const ALONE = { contain: 'layout size' } as object;
/** A word is as long as it is; it comes and goes with a tap, not with a pull. */
const NUMBER_ALONE = { width: 72, style: ALONE };

/** A value to pull along a line; arrow keys move it a step. */
export function Slider({ label, value, least, most, step, unit, onChange, word }: SliderProps) {
  const palette = usePalette();
  const thumb = useThumb(value, onChange);
  const { sign, shown } = useShownUnit(unit);
  const said = word ?? (unit === '°' ? `${value}°` : `${shown(value)} ${sign}`);
  return (
    <View gap={0} alignSelf="stretch" style={{ contain: 'layout' } as object}>
      <View flexDirection="row" justifyContent="space-between" alignItems="flex-end" gap="$2">
        <Words small soft>
          {label}
        </Words>
        <View height={24} alignItems="flex-end" {...(word ? null : NUMBER_ALONE)}>
          <Numeral fontSize="$3" lineHeight="$3">
            {said}
          </Numeral>
        </View>
      </View>
      <View height={48} style={ALONE}>
        <input
          {...thumb}
          type="range"
          aria-label={label}
          aria-valuetext={said}
          min={least}
          max={most}
          step={step}
          style={{ width: '100%', height: 48, margin: 0, accentColor: palette.accent }}
        />
      </View>
    </View>
  );
}
