import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { PageDrill } from '@taxikine/core/planning/home/homePage';
import Svg, { Path } from 'react-native-svg';
import { PoseFigure } from '../figure/PoseFigure';
import { ANYBODY } from '../library/anybody';
import { usePalette } from '../ui/usePalette';
import { DONE_MARK, DOSE_FIGURE } from './doseSizes';

/** What a dose looks like. */
export const DoseFigure = ({ drill }: { drill: PageDrill }) => (
  <PoseFigure
    client={ANYBODY}
    poses={posesOfDrill(drillOf(drill))}
    side={drill.side}
    view="quarter"
    marks
    moving={false}
    {...DOSE_FIGURE}
  />
);

const MARKS = {
  done: 'M5 17 L13 25 L28 7',
  partly: 'M5 17 L13 25',
  not: 'M6 16 L27 16',
} as const;

/** A tick, half a tick, a dash. */
export function DoneMark({ done }: { done: keyof typeof MARKS }) {
  const palette = usePalette();
  return (
    <Svg {...DONE_MARK} aria-hidden>
      <Path
        d={MARKS[done]}
        fill="none"
        stroke={palette.ink}
        strokeWidth={3.5}
        strokeLinecap="round"
      />
    </Svg>
  );
}
