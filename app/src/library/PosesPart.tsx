import { ownDrillRow, type OwnPose } from '@taxikine/core/knowledge/ownDrill';
import type { FigureView } from '@taxikine/core/body/skeleton/camera';
import { SCENERIES } from '@taxikine/core/body/skeleton/scenery';
import type { OwnDrillRecord } from '@taxikine/core/records/ownDrills/ownDrillRecord';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { PoseFigure } from '../figure/PoseFigure';
import { ANYBODY } from './anybody';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { bareOf } from './ownDrillForm';
import { PosePicker } from './PosePicker';
import { PoseSetter } from './PoseSetter';

export interface PosesPartProps {
  readonly drill: OwnDrillRecord;
  readonly width: number;
  readonly onPoses: (poses: OwnDrillRecord['poses']) => void;
}

const VIEWS: readonly FigureView[] = ['right', 'front', 'quarter'];
const MOMENTS = ['start', 'end'] as const;

/** Start and end of a drill, set on the figure and seen moving. */
export function PosesPart({ drill, width, onPoses }: PosesPartProps) {
  const t = useText();
  const [moment, setMoment] = useState<0 | 1>(0);
  const [view, setView] = useState<FigureView>('right');
  const [alike, setAlike] = useState(!drill.oneSided);
  const [picking, setPicking] = useState(false);
  const [moving, setMoving] = useState(false);
  const pose = drill.poses[moment];
  const shown = useMemo(() => ownDrillRow(drill).poses!, [drill]);
  const set = (next: OwnPose) =>
    onPoses(moment === 0 ? [next, drill.poses[1]] : [drill.poses[0], next]);
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('drills.figure')}
      </Title>
      <Words soft small>
        {t('drills.figureHint')}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$4">
        <Choice
          label={t('drills.moment')}
          options={MOMENTS.map((name, i) => ({
            value: i as 0 | 1,
            label: t(`drills.moments.${name}`),
          }))}
          value={moment}
          onChange={setMoment}
        />
        <Choice
          label={t('drills.view')}
          options={VIEWS.map((value) => ({ value, label: t(`drills.views.${value}`) }))}
          value={view}
          onChange={setView}
        />
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button tight small label={t('drills.begin')} onPress={() => setPicking(true)} />
        {moment === 1 ? (
          <Button tight small label={t('drills.copyStart')} onPress={() => set(drill.poses[0])} />
        ) : null}
        <Button
          tight
          small
          label={t('drills.alike')}
          chosen={alike}
          onPress={() => setAlike(!alike)}
        />
        <Button
          tight
          small
          label={t(moving ? 'drills.still' : 'drills.play')}
          chosen={moving}
          onPress={() => setMoving(!moving)}
        />
      </View>
      {moving ? (
        <PoseFigure
          client={ANYBODY}
          poses={shown}
          side={null}
          view={view}
          moving
          width={width}
          height={320}
        />
      ) : (
        <PoseSetter pose={pose} view={view} alike={alike} width={width} onPose={set} />
      )}
      <Choice
        label={t('drills.against')}
        options={[
          { value: null, label: t('drills.nothing') },
          ...SCENERIES.map((value) => ({ value, label: t(`drills.scenery.${value}`) })),
        ]}
        value={pose.against ?? null}
        onChange={(against) => {
          const { against: _, ...bare } = pose;
          set(against ? { ...bare, against } : bare);
        }}
      />
      {picking ? (
        <PosePicker
          onClose={() => setPicking(false)}
          onPick={(id) => {
            set(bareOf(id));
            setPicking(false);
          }}
        />
      ) : null}
    </View>
  );
}
