import { View } from '@tamagui/core';
import { useId } from 'react';
import { TEXT_FAMILY } from './families';
import { usePalette } from './usePalette';
import { Words } from './text';

export interface PickProps {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly problem?: string;
}

/** One of many: the device's own list, which is made for thumbs and can be typed in. */
export function Pick({ label, options, value, onChange, problem }: PickProps) {
  const palette = usePalette();
  const id = useId();
  return (
    <View gap="$1">
      <label htmlFor={id} style={{ font: `400 15px ${TEXT_FAMILY}`, color: palette.soft }}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        aria-invalid={Boolean(problem)}
        onChange={(event) => onChange(event.target.value)}
        style={{
          minHeight: 48,
          padding: '8px 12px',
          font: `400 17px ${TEXT_FAMILY}`,
          color: palette.ink,
          background: palette.raised,
          border: `1.5px solid ${problem ? palette.accent : palette.slate}`,
          borderRadius: 12,
          width: '100%',
        }}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
      {problem ? (
        <Words small accent role="alert">
          {problem}
        </Words>
      ) : null}
    </View>
  );
}
