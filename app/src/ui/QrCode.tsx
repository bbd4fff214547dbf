import { create } from 'qrcode';
import { useMemo } from 'react';
import Svg, { Path, Rect } from 'react-native-svg';

export interface QrCodeProps {
  /** What is read from it. */
  readonly text: string;
  readonly says: string;
  /** In pixels. */
  readonly size: number;
}

/** So many modules stay empty around it, or it is not found. */
const MARGIN = 4;

/** No grey between one square and the next. */
const CRISP = { shapeRendering: 'crispEdges' } as object;

/** One square after the other, row by row, as a path of unit squares. */
function pathOf(text: string): { path: string; side: number } {
  const { size, data } = create(text, { errorCorrectionLevel: 'M' }).modules;
  const squares = [...data].flatMap((dark, i) =>
    dark ? [`M${(i % size) + MARGIN} ${Math.floor(i / size) + MARGIN}h1v1h-1z`] : [],
  );
  return { path: squares.join(''), side: size + 2 * MARGIN };
}

/** A QR code: dark on light in both schemes, for not every camera reads the other way round. */
export function QrCode({ text, says, size }: QrCodeProps) {
  const { path, side } = useMemo(() => pathOf(text), [text]);
  return (
    <Svg
      width={size}
      height={size}
      viewBox={`0 0 ${side} ${side}`}
      role="img"
      aria-label={says}
      style={CRISP}
    >
      <Rect width={side} height={side} fill="#ffffff" />
      <Path d={path} fill="#000000" />
    </Svg>
  );
}
