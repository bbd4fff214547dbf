import { View } from '@tamagui/core';
import { Bone } from './Bone';
import { BonesFrame } from './BonesFrame';
import { HeaderBones } from './HeaderBones';

const VISITS = [240, 260, 220, 250] as const;

/** Bones of a client: facts, the patterns, the ways on, and the visits. */
export function ClientBones() {
  return (
    <BonesFrame>
      <HeaderBones />
      <View padding="$4" gap="$5" $wide={{ padding: '$6' }}>
        <View gap="$2">
          <Bone width={140} />
          <Bone width={300} />
        </View>
        <View flexDirection="row" gap="$2">
          {[0, 1, 2, 3].map((one) => (
            <Bone key={one} width={78} height={48} borderRadius="$2" />
          ))}
        </View>
        <View flexDirection="row" flexWrap="wrap" gap="$3">
          <Bone width={190} height={48} borderRadius="$2" />
          <Bone width={150} height={48} borderRadius="$2" />
        </View>
        <View gap="$4">
          {VISITS.map((width) => (
            <Bone key={width} width={width} height={30} />
          ))}
        </View>
      </View>
    </BonesFrame>
  );
}
