import type { CauseKind } from '@taxikine/core/knowledge/causes';
import Svg, { Path, Rect } from 'react-native-svg';
import type { Palette } from '../../ui/palette';
import { usePalette } from '../../ui/usePalette';

/** The colour of a kind; never alone, always with its mark and its word. */
export const kindColour = (kind: CauseKind, palette: Palette): string =>
  ({
    restriction: palette.accent,
    control: palette.sea,
    strength: palette.ochre,
    nerve: palette.plum,
    built: palette.slate,
    given: palette.slate,
  })[kind];

/** Dashes of a thread by kind, so that it can be told without colour. */
export const kindDash = (kind: CauseKind): string | undefined =>
  ({ nerve: '3 7', built: '10 6', given: '10 6' })[kind as string];

/** A line that ends in a stop, a wave, stacked bars, a broken line, a set square. */
export function KindMark({ kind, size = 28 }: { kind: CauseKind; size?: number }) {
  const palette = usePalette();
  const stroke = {
    stroke: kindColour(kind, palette),
    strokeWidth: 3,
    fill: 'none',
    strokeLinecap: 'round' as const,
  };
  return (
    <Svg width={size} height={size} viewBox="0 0 28 28" aria-hidden>
      {kind === 'restriction' ? <Path d="M3 14H22M23 6V22" {...stroke} /> : null}
      {kind === 'control' ? <Path d="M2 14C5 6 9 6 12 14S19 22 26 12" {...stroke} /> : null}
      {kind === 'strength'
        ? [4, 12, 20].map((y, i) => (
            <Rect
              key={y}
              x={3 + i * 2}
              y={y}
              width={22 - i * 4}
              height={4.5}
              fill={kindColour(kind, palette)}
            />
          ))
        : null}
      {kind === 'nerve' ? <Path d="M2 18L8 12M12 16L17 11M21 15L26 9" {...stroke} /> : null}
      {kind === 'built' || kind === 'given' ? <Path d="M6 4V23H25" {...stroke} /> : null}
    </Svg>
  );
}
