import { View } from '@tamagui/core';
import { Bone } from './Bone';
import { BonesFrame } from './BonesFrame';
import { HeaderBones } from './HeaderBones';

const LINES = [220, 340, 280, 310] as const;

/** Bones of a screen with a header and things under one another. */
export function ScreenBones() {
  return (
    <BonesFrame>
      <HeaderBones />
      <View padding="$4" gap="$4" $wide={{ padding: '$6' }}>
        {LINES.map((width) => (
          <Bone key={width} width={width} />
        ))}
      </View>
    </BonesFrame>
  );
}
