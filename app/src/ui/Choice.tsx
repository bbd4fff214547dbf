import { View } from '@tamagui/core';
import { Button } from './Button';
import { Words } from './text';

export interface ChoiceProps<T extends string | number | boolean | null> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  readonly hideLabel?: boolean;
}

/** One of a few, as a row of buttons. */
export function Choice<T extends string | number | boolean | null>({
  label,
  options,
  value,
  onChange,
  hideLabel,
}: ChoiceProps<T>) {
  return (
    <View role="group" aria-label={label} gap="$1" maxWidth="100%">
      {hideLabel ? null : (
        <Words small soft>
          {label}
        </Words>
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {options.map((option) => (
          <Button
            key={String(option.value)}
            label={option.label}
            says={`${label}: ${option.label}`}
            tight
            small
            chosen={option.value === value}
            onPress={() => onChange(option.value)}
          />
        ))}
      </View>
    </View>
  );
}
