import { View } from '@tamagui/core';
import { Bone } from './Bone';
import { BonesFrame } from './BonesFrame';

const DOSES = [0, 1, 2] as const;

/** Bones of the client's own page: whose it is, the day, and its doses. */
export function PageBones() {
  return (
    <BonesFrame>
      <View padding="$4" gap="$4" width="100%" maxWidth={720} alignSelf="center">
        <Bone width={200} />
        <Bone width={260} height={34} />
        {DOSES.map((dose) => (
          <View key={dose} gap="$3" paddingVertical="$3">
            <Bone width={230} height={24} />
            <Bone width={300} />
            <Bone width={150} height={48} borderRadius="$2" />
          </View>
        ))}
      </View>
    </BonesFrame>
  );
}
