import { View } from '@tamagui/core';
import { Button } from './Button';
import { Words } from './text';

/** A list with one put in, or taken out when it was there. */
export const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one];

export interface ManyProps<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly values: readonly T[];
  readonly onToggle: (value: T) => void;
}

/** Any of a few, as a row of buttons. */
export function Many<T extends string>({ label, options, values, onToggle }: ManyProps<T>) {
  return (
    <View role="group" aria-label={label} gap="$1">
      <Words small soft>
        {label}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {options.map(({ value, label: words }) => (
          <Button
            key={value}
            tight
            small
            label={words}
            says={`${label}: ${words}`}
            chosen={values.includes(value)}
            onPress={() => onToggle(value)}
          />
        ))}
      </View>
    </View>
  );
}
