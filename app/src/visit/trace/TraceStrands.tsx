import Svg, { Circle, Path } from 'react-native-svg';
import { wantsStill } from '../../figure/wantsStill';
import { usePalette } from '../../ui/usePalette';
import { kindColour, kindDash } from '../thread/KindMark';
import { curlPath, strandWidth } from '../thread/strandPath';
import type { TraceThreadsState } from './useTraceThreads';

const moves = wantsStill() ? undefined : 'stroke-width 400ms ease, opacity 250ms ease';

/** Thickness and strength of a thread as styles, for only those can change smoothly. */
const moving = (strokeWidth: number, opacity: number): object => ({
  style: { strokeWidth, opacity, transition: moves },
});

/** The drawing under the words: threads, a curl at a fault without one, the line above what is given. */
export function TraceStrands({ state, width }: { state: TraceThreadsState; width: number }) {
  const palette = usePalette();
  const { layout, from, to, strands, loose, isLit } = state;
  return (
    <Svg
      width={width}
      height={layout.height}
      style={{ position: 'absolute', overflow: 'visible' }}
      aria-hidden
    >
      {strands.map(({ key, d, cause, fault }) => (
        <Path
          key={key}
          d={d}
          fill="none"
          stroke={kindColour(cause.kind, palette)}
          strokeDasharray={kindDash(cause.kind)}
          strokeLinecap={kindDash(cause.kind) ? 'butt' : 'round'}
          {...moving(strandWidth(cause.p), isLit(cause, fault) ? 1 : 0.38)}
        />
      ))}
      {loose.map(({ key, y }) => (
        <Path
          key={key}
          d={curlPath({ x: from, y })}
          fill="none"
          stroke={palette.accent}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
      {layout.faults.map(({ key, y }) => (
        <Circle key={key} cx={from} cy={y} r={5} fill={palette.accent} />
      ))}
      {layout.builtY === null ? null : (
        <Path
          d={`M${to} ${layout.builtY}H${width}`}
          stroke={palette.rule}
          strokeWidth={1.5}
          strokeDasharray="10 6"
        />
      )}
    </Svg>
  );
}
