import { styled, View } from '@tamagui/core';

/** A place that something will stand in. */
export const Bone = styled(View, {
  name: 'Bone',
  className: 'bone',
  height: 20,
  maxWidth: '100%',
  borderRadius: '$1',
  backgroundColor: '$rule',
  opacity: 0.6,
});
