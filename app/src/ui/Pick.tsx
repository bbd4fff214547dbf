import { TEXT_FAMILY } from './families';
import { View } from '@tamagui/core';
import { useId } from 'react';
import { usePalette } from './usePalette';

export interface PickProps {
  readonly label: string;
  readonly options: readonly string[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** One of many: too many for buttons. */
export function Pick({ label, options, value, onChange }: PickProps) {
  const palette = usePalette();
  const id = useId();
  const known = options.includes(value) ? options : [value, ...options];
  return (
    <View gap="$1">
      <label htmlFor={id} style={{ font: `400 15px ${TEXT_FAMILY}`, color: palette.soft }}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        style={{
          minHeight: 48,
          padding: '8px 12px',
          font: `400 17px ${TEXT_FAMILY}`,
          color: palette.ink,
          background: palette.raised,
          border: `1.5px solid ${palette.slate}`,
          borderRadius: 12,
          width: '100%',
        }}
      >
        {known.map((one) => (
          <option key={one} value={one}>
            {one.replaceAll('_', ' ')}
          </option>
        ))}
      </select>
    </View>
  );
}
