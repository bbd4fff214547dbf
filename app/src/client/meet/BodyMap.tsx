import { bodyOf } from '@taxikine/core/body/segments/body';
import { GIVEN_REGIONS } from '@taxikine/core/knowledge/givenRegions';
import { FIGURE_CAMERAS } from '@taxikine/core/body/skeleton/camera';
import { drawFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { poseSkeleton } from '@taxikine/core/body/skeleton/poseSkeleton';
import { onePose } from '@taxikine/core/body/skeleton/poses';
import type { GivenCause, HistoryItem } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import Svg, { Circle, G, Line } from 'react-native-svg';
import { FigureDrawing } from '../../figure/FigureDrawing';
import { fitted, frameFor, inkFor } from '../../figure/frame';
import { SpotButton } from '../../figure/SpotButton';
import { Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { bodyPlaces, type BodyPlace } from './bodyPlaces';

/** The body that is drawn until lengths are known. */
const ANYBODY = bodyOf(1.72, 72);
const HEIGHT_M = 1.72;

export interface BodyMapProps {
  readonly history: readonly HistoryItem[];
  readonly given: readonly GivenCause[];
  readonly width: number;
  readonly height: number;
  readonly onPlace: (place: BodyPlace) => void;
}

const isHere =
  ({ region, side }: BodyPlace) =>
  (one: { region?: string; side?: string | null }): boolean =>
    one.region === region && (side === null || one.side === side);

/** How many things were told of a place. */
function toldAt(place: BodyPlace, { history, given }: Pick<BodyMapProps, 'history' | 'given'>) {
  const told = history.filter((one) => one.what !== 'one-sided-habit').filter(isHere(place));
  const fixed = given.filter(
    ({ cause, side, region = GIVEN_REGIONS[cause]?.[0] }) =>
      region === place.region && side === place.side,
  );
  return told.length + fixed.length;
}

/** A standing figure from behind, every joint a place to tap and to tell of. */
export function BodyMap({ history, given, width, height, onPlace }: BodyMapProps) {
  const t = useText();
  const palette = usePalette();
  const figure = useMemo(
    () => drawFigure(FIGURE_CAMERAS.back, poseSkeleton(ANYBODY, onePose('standing'))),
    [],
  );
  const frame = frameFor('back', HEIGHT_M, true);
  const ink = inkFor(frame, width, height);
  const { at, scale } = fitted(frame, width, height);
  const places = bodyPlaces(figure);
  return (
    <View position="relative" width={width} height={height} role="group" aria-label={t('meet.map')}>
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Line
          x1={frame.left}
          x2={frame.left + frame.width}
          y1={5}
          y2={5}
          stroke={palette.rule}
          strokeWidth={ink * 0.8}
        />
        <FigureDrawing figure={figure} palette={palette} ink={ink} />
        {places.map((place) => (
          <Mark
            key={`${place.region}${place.side ?? ''}`}
            x={place.at[0] + place.nudge[0] / scale}
            y={place.at[1] + place.nudge[1] / scale}
            from={place.region === 'foot' ? place.at : null}
            told={toldAt(place, { history, given })}
            ink={ink}
          />
        ))}
      </Svg>
      {places.map((place) => {
        const spot = at(place.at[0], place.at[1]);
        const name = [place.side ? t(place.side) : '', t(`regions.${place.region}`)]
          .join(' ')
          .trim();
        const told = toldAt(place, { history, given });
        return (
          <SpotButton
            key={name}
            x={spot.x + place.nudge[0]}
            y={spot.y + place.nudge[1]}
            says={told > 0 ? `${name}: ${t('meet.told', { count: told })}` : name}
            onPress={() => onPlace(place)}
          />
        );
      })}
      {(['left', 'right'] as const).map((side) => (
        <View key={side} position="absolute" top={4} {...{ [side]: 8 }}>
          <Words small soft>
            {t(side)}
          </Words>
        </View>
      ))}
    </View>
  );
}

interface MarkProps {
  readonly x: number;
  readonly y: number;
  /** Where a line leads to, when the mark stands beside what it means. */
  readonly from: readonly [number, number] | null;
  readonly told: number;
  readonly ink: number;
}

/** Open ring: nothing told. Filled: something was. */
function Mark({ x, y, from, told, ink }: MarkProps) {
  const palette = usePalette();
  return (
    <G>
      {from ? (
        <Line
          x1={from[0]}
          y1={from[1]}
          x2={x}
          y2={y}
          stroke={palette.soft}
          strokeWidth={ink * 0.5}
        />
      ) : null}
      <Circle
        cx={x}
        cy={y}
        r={ink * (told > 0 ? 4.4 : 3)}
        fill={told > 0 ? palette.accent : palette.raised}
        stroke={told > 0 ? palette.accent : palette.ink}
        strokeWidth={ink * 0.9}
      />
    </G>
  );
}
