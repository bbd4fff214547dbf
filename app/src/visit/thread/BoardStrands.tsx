import type { CauseKind } from '@taxikine/core/knowledge/causes';
import type { Strand } from '@taxikine/core/reading/visit/threads';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { kindColour, kindDash } from './KindMark';
import { StrandHits } from './StrandHits';
import { curlPath, strandWidth } from './strandPath';
import type { BoardState } from './useBoard';

export interface BoardStrandsProps {
  readonly state: BoardState;
  readonly strands: readonly Strand[];
  readonly width: number;
  readonly height: number;
}

const looseKind = (strands: readonly Strand[], key: string): CauseKind =>
  strands.find((strand) => strand.to === key)?.kind ?? 'restriction';

/** The strands, and a curl where one ends in nothing; each can be tapped. */
export function BoardStrands({ state, strands, width, height }: BoardStrandsProps) {
  const palette = usePalette();
  const { drawn, placed, strengthOf, choose, hover } = state;
  return (
    <>
      <Svg
        width={width}
        height={height}
        style={{ position: 'absolute', overflow: 'visible' }}
        aria-hidden
      >
        {drawn.map(({ key, d, strand }) => (
          <Path
            key={key}
            d={d}
            fill="none"
            stroke={kindColour(strand.kind, palette)}
            strokeWidth={strandWidth(strand.sure)}
            strokeDasharray={kindDash(strand.kind)}
            strokeLinecap={kindDash(strand.kind) ? 'butt' : 'round'}
            opacity={strengthOf(strand.from, strand.to)}
          />
        ))}
        {placed
          .filter(({ knot }) => knot.loose)
          .map(({ knot, right }) => (
            <Path
              key={knot.key}
              d={curlPath(right)}
              fill="none"
              stroke={kindColour(looseKind(strands, knot.key), palette)}
              strokeWidth={3}
              strokeLinecap="round"
              opacity={strengthOf(knot.key)}
            />
          ))}
      </Svg>
      <StrandHits
        width={width}
        height={height}
        hits={drawn.map(({ key, d, strand }) => ({
          key,
          d,
          onPress: () => choose(strand.to),
          onEnter: () => hover(strand.to),
          onLeave: () => hover(null),
        }))}
      />
    </>
  );
}
