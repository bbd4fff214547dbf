import { View } from '@tamagui/core';
import { Bone } from './Bone';
import { BonesFrame } from './BonesFrame';
import { HeaderBones } from './HeaderBones';

const ROWS = [0, 1, 2, 3, 4, 5] as const;

/** Bones of the coach's day: the field that finds, the heading, and rows with a figure each. */
export function TodayBones() {
  return (
    <BonesFrame>
      <HeaderBones back={false} />
      <View padding="$4" gap="$4" $wide={{ padding: 28 }}>
        <Bone height={48} borderRadius="$2" />
        <Bone width={200} height={32} />
        {ROWS.map((row) => (
          <View key={row} flexDirection="row" gap="$3" height={84} alignItems="center">
            <Bone width={56} height={72} />
            <View flex={1} gap="$2">
              <Bone width={170} />
              <Bone width={250} height={15} />
            </View>
          </View>
        ))}
      </View>
    </BonesFrame>
  );
}
