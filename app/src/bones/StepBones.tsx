import { View } from '@tamagui/core';
import { Bone } from './Bone';

/** Bones of a step of a visit, beside the thread that is there already. */
export function StepBones() {
  return (
    <View padding="$4" paddingLeft="$2" gap="$4" flex={1} aria-busy $wide={{ padding: '$5' }}>
      <Bone width={180} height={30} />
      <Bone width={290} height={15} />
      <Bone height={260} borderRadius="$2" maxWidth={520} />
      <Bone width={250} />
      <Bone width={220} />
    </View>
  );
}
