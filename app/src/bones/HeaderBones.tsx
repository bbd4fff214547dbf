import { View } from '@tamagui/core';
import { Bone } from './Bone';

/** As high as a screen's header and with its rule, so that nothing jumps when it comes. */
export function HeaderBones({ back = true }: { back?: boolean }) {
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap="$3"
      paddingHorizontal="$4"
      paddingVertical="$2"
      minHeight={64}
      borderBottomWidth={1.5}
      borderColor="$ink"
      flexShrink={0}
    >
      {back ? <Bone width={24} /> : null}
      <Bone width={190} height={24} />
    </View>
  );
}
