import { onePose, POSES, type PoseId } from '@taxikine/core/body/skeleton/poses';
import { View } from '@tamagui/core';
import { PoseFigure } from '../figure/PoseFigure';
import { ANYBODY } from './anybody';
import { BARE_BUTTON } from '../ui/bareButton';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

export interface PosePickerProps {
  readonly onPick: (pose: PoseId) => void;
  readonly onClose: () => void;
}

/** Every pose that ships, to begin from. */
export function PosePicker({ onPick, onClose }: PosePickerProps) {
  const t = useText();
  return (
    <Sheet title={t('drills.begin')} open onClose={onClose}>
      <View flexDirection="row" flexWrap="wrap" gap="$2" justifyContent="center">
        {POSES.map(({ id, words }) => (
          <button
            key={id}
            type="button"
            aria-label={words}
            onClick={() => onPick(id)}
            style={{ ...BARE_BUTTON, width: 104, display: 'block', textAlign: 'center' }}
          >
            <PoseFigure
              client={ANYBODY}
              poses={[onePose(id), onePose(id)]}
              side={null}
              view="quarter"
              moving={false}
              width={96}
              height={84}
            />
            <Words small soft textAlign="center">
              {words}
            </Words>
          </button>
        ))}
      </View>
    </Sheet>
  );
}
