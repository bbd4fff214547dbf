import { Text } from '@tamagui/core';

export default function Floor() {
  return (
    <Text role="heading" aria-level={1}>
      Floor
    </Text>
  );
}
