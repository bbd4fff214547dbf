import { View } from '@tamagui/core';
import { useWide } from '../ui/useWide';
import { Bone } from './Bone';
import { BonesFrame } from './BonesFrame';
import { HeaderBones } from './HeaderBones';
import { StepBones } from './StepBones';

const STEPS = [0, 1, 2, 3, 4, 5, 6, 7, 8] as const;

/** Bones of a visit: the thread at the left edge, or across at the desk, and a step beside it. */
export function VisitBones() {
  const { wide } = useWide();
  return (
    <BonesFrame>
      <HeaderBones />
      <View flex={1} minHeight={0} flexDirection={wide ? 'column' : 'row'}>
        <View
          flexDirection={wide ? 'row' : 'column'}
          gap={wide ? '$7' : '$6'}
          padding={wide ? '$4' : '$3'}
          width={wide ? '100%' : 64}
          alignItems="center"
        >
          {STEPS.map((step) => (
            <Bone key={step} width={20} height={20} borderRadius="$round" />
          ))}
        </View>
        <StepBones />
      </View>
    </BonesFrame>
  );
}
