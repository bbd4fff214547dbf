import type { VerdictWord } from '@taxikine/core/inference/change/verdict';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';

const STROKE: Record<VerdictWord, string> = {
  better: 'M4 22L24 6',
  same: 'M4 14H24',
  worse: 'M4 6L24 22',
};

/** A rising, level or falling stroke; the word stands beside it. */
export function VerdictMark({ word, size = 28 }: { word: VerdictWord; size?: number }) {
  const palette = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 28 28" aria-hidden>
      <Path
        d={STROKE[word]}
        stroke={palette.ink}
        strokeWidth={3.5}
        strokeLinecap="round"
        fill="none"
      />
    </Svg>
  );
}
