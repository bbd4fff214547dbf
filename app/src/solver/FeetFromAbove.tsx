import type { Footprints } from '@taxikine/core/body/skeleton/footprints';
import { Circle, G, Path } from 'react-native-svg';
import type { Palette } from '../ui/palette';

export interface FeetFromAboveProps {
  readonly prints: Footprints;
  /** Millimetres of the drawing that a line of ordinary weight is thick. */
  readonly ink: number;
  readonly palette: Palette;
  /** Over the body that stands on them, only their lines are drawn. */
  readonly bare?: boolean;
}

const closed = (points: Footprints['room']): string =>
  `M${points.map((at) => at.join(' ')).join('L')}Z`;

/** What is on the floor of the feet, the field the weight may press in, and where it presses. */
export function FeetFromAbove({ prints, ink, palette, bare = false }: FeetFromAboveProps) {
  const [x, y] = prints.pressed;
  return (
    <G>
      {Object.entries(prints.feet).map(([side, outline]) => (
        <Path
          key={side}
          d={outline}
          fill={bare ? 'none' : palette.skin}
          stroke={bare ? palette.slate : palette.ink}
          strokeWidth={ink * 0.7}
          strokeDasharray={bare ? `${ink * 1.5} ${ink * 2}` : undefined}
        />
      ))}
      <Path
        d={closed(prints.room)}
        fill={palette.sea}
        fillOpacity={0.18}
        stroke={palette.sea}
        strokeWidth={ink * 0.4}
      />
      <Circle
        cx={x}
        cy={y}
        r={ink * 2.2}
        fill={palette.accent}
        stroke={palette.paper}
        strokeWidth={ink * 0.6}
      />
    </G>
  );
}
