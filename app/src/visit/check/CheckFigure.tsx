import { bodyOf } from '@taxikine/core/body/segments/body';
import { CHECK_GUIDES } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId, CheckRow, FeltWhere } from '@taxikine/core/knowledge/checks';
import { clamp } from '@taxikine/core/foundation/numeric/safety';
import type { MaybeSide, Side } from '@taxikine/core/foundation/sides/side';
import { FIGURE_CAMERAS, project, type FigureView } from '@taxikine/core/body/skeleton/camera';
import { maybeFeltSpot } from '@taxikine/core/reading/figure/feltSpots';
import { poseSkeleton } from '@taxikine/core/body/skeleton/poseSkeleton';
import { onePose, type PoseId } from '@taxikine/core/body/skeleton/poses';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { fitted } from '../../figure/frame';
import { PoseFigure, posed, poseFrame } from '../../figure/PoseFigure';
import { SpotButton } from '../../figure/SpotButton';
import { Button } from '../../ui/Button';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';

export interface CheckFigureProps {
  readonly row: CheckRow;
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly side: MaybeSide;
  readonly felt: FeltWhere | null;
  readonly onFelt: (felt: FeltWhere) => void;
  readonly width: number;
}

/** As high as it needs to be for its width, within these. */
const HEIGHT = { least: 110, most: 230 } as const;
const WIDEST = 420;
/** Answers lie close together on a leg; each is a full button in the row below as well. */
const DOT = 32;

/** A side is measured from its own side, so that the limb in question is the near one. */
function viewOf(row: CheckRow, side: MaybeSide): FigureView {
  const { view } = CHECK_GUIDES[row.id as CheckId];
  if (view !== 'beside') return view;
  return side ?? 'left';
}

/** How a check is taken: the client's own figure from start to end, and where it can be felt. */
export function CheckFigure({ row, client, side, felt, onFelt, width }: CheckFigureProps) {
  const t = useText();
  const [moving, setMoving] = useState(false);
  const { poses } = CHECK_GUIDES[row.id as CheckId];
  const view = viewOf(row, side);
  const [start, end] = poses;
  const box = useBox(client, poses, side, view, width);
  return (
    <View gap="$1" alignItems="center" role="group" aria-label={t('guide.figure')}>
      <View position="relative" {...box}>
        <PoseFigure
          client={client}
          poses={[onePose(moving ? start : end), onePose(end)]}
          side={side}
          view={view}
          moving={moving}
          {...box}
        />
        {moving ? null : (
          <FeltDots
            row={row}
            client={client}
            side={side ?? 'left'}
            view={view}
            felt={felt}
            onFelt={onFelt}
            {...box}
          />
        )}
      </View>
      {start === end ? null : (
        <Button
          kind="quiet"
          tight
          small
          label={t(moving ? 'guide.still' : 'guide.show')}
          onPress={() => setMoving(!moving)}
        />
      )}
    </View>
  );
}

/** Lying takes width, standing takes height: the box is as high as the figure makes it. */
function useBox(
  { heightM, massKg, segments }: CheckFigureProps['client'],
  [start, end]: readonly [PoseId, PoseId],
  side: MaybeSide,
  view: FigureView,
  width: number,
) {
  return useMemo(() => {
    const body = bodyOf(heightM, massKg, segments);
    const skeletons = [start, end].map((pose) => poseSkeleton(body, posed(onePose(pose), side)));
    const frame = poseFrame(view, skeletons);
    const wide = Math.min(width, WIDEST);
    const height = clamp((wide * frame.height) / frame.width, HEIGHT.least, HEIGHT.most);
    return { width: wide, height };
  }, [heightM, massKg, segments, start, end, side, view, width]);
}

interface FeltDotsProps extends Omit<CheckFigureProps, 'side'> {
  readonly side: Side;
  readonly view: FigureView;
  readonly height: number;
}

/** Places to tap on the figure, one for each answer to "where do you feel it?". */
function FeltDots({ row, client, side, view, felt, onFelt, width, height }: FeltDotsProps) {
  const t = useText();
  const palette = usePalette();
  const [, end] = CHECK_GUIDES[row.id as CheckId].poses;
  const spots = useMemo(() => {
    const body = bodyOf(client.heightM, client.massKg, client.segments);
    const skeleton = poseSkeleton(body, posed(onePose(end), side));
    const camera = FIGURE_CAMERAS[view];
    const { at } = fitted(poseFrame(view, [skeleton]), width, height);
    return row.felt.flatMap((where) => {
      const spot = maybeFeltSpot(skeleton, side, row.id as CheckId, where);
      if (!spot) return [];
      const [x, y] = project(camera, spot);
      return [{ where, ...at(x * 1000, y * 1000) }];
    });
  }, [row, client.heightM, client.massKg, client.segments, end, side, view, width, height]);
  return spots.map(({ where, x, y }) => (
    <SpotButton
      key={where}
      x={x}
      y={y}
      size={DOT}
      title={t(`check.feltWords.${where}`)}
      says={`${t('check.felt')}: ${t(`check.feltWords.${where}`)}`}
      pressed={felt === where}
      onPress={() => onFelt(where)}
    >
      <span
        style={{
          width: felt === where ? 18 : 11,
          height: felt === where ? 18 : 11,
          borderRadius: 18,
          border: `2px solid ${palette.accent}`,
          background: felt === where ? palette.accent : palette.raised,
        }}
      />
    </SpotButton>
  ));
}
