import { type View as Side, type Zone, isStaggered } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';
import type { SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { oneFault } from '@taxikine/core/knowledge/faults';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import type { Palette } from '../ui/palette';
import { usePalette } from '../ui/usePalette';
import { FigureDrawing } from './FigureDrawing';
import { fitted, frameFor, inkFor, facingOf, hasLegBehind } from './frame';
import { Ground } from './Ground';
import { SpotButton } from './SpotButton';
import { useMovingFigure } from './useMovingFigure';
import { zoneTargets, type ZoneTarget } from './zones';
import { ours } from '../words/units';

export interface TapFigureProps {
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly setup: Setup;
  readonly moment: SeenMoment;
  readonly view: Side;
  readonly width: number;
  readonly height: number;
  readonly label: string;
  readonly standing: boolean;
  readonly zone: Zone;
  readonly faults: readonly SeenFault[];
  readonly onZone: (zone: Zone) => void;
}

/** Distance of the pelvis from the plumb line, drawn like a dimension on a craftsman's drawing. */
function SlideDimension({
  faults,
  at,
  palette,
  view,
}: {
  faults: readonly SeenFault[];
  at: readonly [number, number];
  palette: Palette;
  view: Side;
}) {
  const slide = faults.find((fault) => fault.fault === 'hips-slide');
  if (!slide || view === 'side' || Math.abs(at[0]) < 3) return null;
  const low = at[1] + 215;
  const words = slide.value === undefined ? slide.grade : ours(withUnit(slide.value, 'mm'));
  return (
    <G>
      <Line
        x1={at[0]}
        y1={at[1] + 90}
        x2={at[0]}
        y2={low + 30}
        stroke={palette.accent}
        strokeWidth={7}
      />
      <Line x1={0} y1={low} x2={at[0]} y2={low} stroke={palette.accent} strokeWidth={7} />
      <SvgText
        x={at[0] / 2}
        y={low + 96}
        fill={palette.accent}
        fontFamily="Besley"
        fontSize={66}
        fontWeight="600"
        textAnchor="middle"
      >
        {words}
      </SvgText>
    </G>
  );
}

/** The figure as the input: tap a joint to say what you see there. */
export function TapFigure({
  client,
  setup,
  moment,
  view,
  width,
  height,
  label,
  standing,
  zone,
  faults,
  onZone,
}: TapFigureProps) {
  const palette = usePalette();
  const figure = useMovingFigure(client, setup, moment, view);
  const facing = facingOf(moment.pattern, setup);
  const legBehind = hasLegBehind(moment.pattern, setup);
  const frame = frameFor(view, client.heightM, standing, facing, legBehind);
  const { at } = fitted(frame, width, height);
  const marked = new Set(faults.map((fault) => oneFault(fault.fault).zone));
  const targets = zoneTargets(figure, view, isStaggered(moment.pattern));
  return (
    <View position="relative" width={width} height={height} role="group" aria-label={label}>
      <Svg
        width={width}
        height={height}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        preserveAspectRatio="xMidYMax meet"
      >
        <Ground
          frame={frame}
          view={view}
          heightM={client.heightM}
          facing={facing}
          palette={palette}
        />
        <FigureDrawing figure={figure} palette={palette} ink={inkFor(frame, width, height)} />
        <SlideDimension faults={faults} at={figure.rings.pelvis} palette={palette} view={view} />
        {targets.map((target) => (
          <Mark
            key={target.says}
            target={target}
            palette={palette}
            on={target.zone === zone}
            seen={marked.has(target.zone)}
          />
        ))}
      </Svg>
      {targets.map((target) => {
        const place = at(target.at[0], target.at[1]);
        return (
          <SpotButton
            key={target.says}
            x={place.x + target.nudge[0]}
            y={place.y + target.nudge[1]}
            says={target.says}
            pressed={target.zone === zone}
            onPress={() => onZone(target.zone)}
          />
        );
      })}
    </View>
  );
}

/** Open ring: can be tapped. Heavy ring: chosen. Filled: something was seen here. */
function Mark({
  target,
  palette,
  on,
  seen,
}: {
  target: ZoneTarget;
  palette: Palette;
  on: boolean;
  seen: boolean;
}) {
  const [x, y] = target.at;
  const quiet = target.zone === 'foot' && !on && !seen;
  return (
    <G>
      {on ? (
        <Circle cx={x} cy={y} r={58} fill="none" stroke={palette.accent} strokeWidth={8} />
      ) : null}
      <Circle
        cx={x}
        cy={y}
        r={quiet ? 16 : 26}
        fill={seen ? palette.accent : palette.raised}
        stroke={palette.ink}
        strokeWidth={9}
      />
    </G>
  );
}
