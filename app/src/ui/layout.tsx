import { styled, View } from '@tamagui/core';

export const Row = styled(View, {
  name: 'Row',
  flexDirection: 'row',
  alignItems: 'center',
  gap: '$3',
});
export const Stack = styled(View, { name: 'Stack', flexDirection: 'column', gap: '$3' });
/** A thin rule, as on a drawing. */
export const Rule = styled(View, {
  name: 'Rule',
  height: 1,
  backgroundColor: '$rule',
  alignSelf: 'stretch',
});
