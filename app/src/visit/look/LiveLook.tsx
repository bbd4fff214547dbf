import { PHASES } from '@taxikine/core/body/stance/patterns';
import { clamp } from '@taxikine/core/foundation/numeric/safety';
import { RATINGS, type LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { DepthCurve } from '../../figure/DepthCurve';
import { TapFigure } from '../../figure/TapFigure';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useText } from '../../words/useText';
import type { StepProps } from '../steps/StepProps';
import { LookPanel } from './LookPanel';
import { LookSheets } from './LookSheets';
import { LookTools } from './LookTools';
import { LookViews } from './LookViews';
import { SeenSoFar } from './SeenSoFar';
import { useLiveLook, type LiveLookState } from './useLiveLook';

type LiveLookProps = StepProps & { readonly look: LookRecord };

/** One figure, one place on the repetition, one joint at a time. */
export function LiveLook(props: LiveLookProps) {
  const { open, onStep, wide, look } = props;
  const state = useLiveLook(look, open.visit.visit.pattern);
  return (
    <View flex={1} minHeight={0}>
      <View flex={1} minHeight={0} style={{ overflowY: 'auto' }}>
        <LookViews state={state} />
        <View
          flexDirection={wide ? 'row' : 'column'}
          gap={wide ? '$5' : 0}
          padding={wide ? '$4' : 0}
        >
          <Drawing {...props} state={state} />
          <LookPanel state={state} wide={wide} />
        </View>
        {wide ? null : <SeenSoFar look={state.later} onOpen={state.openFaultOf} />}
        <Beside {...props} state={state} />
      </View>
      <Foot state={state} onStep={onStep} />
      <LookSheets state={state} onStep={onStep} />
    </View>
  );
}

type Part = LiveLookProps & { readonly state: LiveLookState };

/** The figure at one moment, and the curve that chooses the moment. */
function Drawing({ open, wide, width, height, look, state }: Part) {
  const t = useText();
  const { view, phase, zone, later, setZone, setPhase } = state;
  const { pattern } = open.visit.visit;
  const isStanding = phase === 'start' || phase === 'finish';
  const figureWidth = wide ? Math.min(520, width * 0.5) : width;
  return (
    <View>
      <TapFigure
        client={open.visit.client}
        setup={look.setup}
        moment={{ pattern, phase, faults: later.faults }}
        view={view}
        width={figureWidth}
        // What is left when the curve, two rows of buttons and the foot are on the screen too.
        height={clamp(height - (wide ? 428 : 499), 200, 520)}
        standing={isStanding || (pattern !== 'squat' && phase !== 'bottom')}
        zone={zone}
        faults={later.faults.filter((fault) => fault.phase === phase)}
        label={t('look.figure', { view: t(`views.${view}`), phase: t(`phases.${phase}`) })}
        onZone={setZone}
      />
      <DepthCurve
        width={figureWidth}
        phase={phase}
        seen={new Set(look.faults.map((fault) => fault.phase))}
        onPhase={(next) => PHASES.includes(next) && setPhase(next)}
      />
    </View>
  );
}

/** What is counted, how it was for the client, and other ways to see it. */
function Beside({ open, look, state: { change } }: Part) {
  const t = useText();
  const { client, visit } = open.visit;
  const here = `/clients/${client.id}/visits/${visit.id}` as const;
  return (
    <View paddingHorizontal="$3" paddingVertical="$3" gap="$3">
      <LookTools look={look} onChange={change} />
      <Choice
        label={t('look.rating')}
        options={RATINGS.map((value) => ({ value, label: t(`look.ratings.${value}`) }))}
        value={look.rating ?? undefined}
        onChange={(rating) => change((latest) => ({ ...latest, rating }))}
      />
      <Button
        kind="quiet"
        left
        label={t('picture.open')}
        onPress={() => router.push(`${here}/picture`)}
      />
      <Button
        kind="quiet"
        left
        label={t('recording.measureOne')}
        onPress={() => router.push(`${here}/recording`)}
      />
      <Button
        kind="quiet"
        left
        label={t('fit.open')}
        onPress={() => router.push(`/clients/${client.id}/fit?visit=${visit.id}`)}
      />
    </View>
  );
}

const countOf = (list: readonly unknown[]): string | undefined =>
  list.length > 0 ? String(list.length) : undefined;

function Foot({ state: { look, open }, onStep }: Pick<Part, 'state' | 'onStep'>) {
  const t = useText();
  return (
    <View
      padding="$3"
      gap="$2"
      flexDirection="row"
      borderTopWidth={1.5}
      borderColor="$ink"
      backgroundColor="$raised"
    >
      <Button
        label={t('look.pain')}
        says={t('look.pain')}
        note={countOf(look.pain)}
        onPress={() => open({ of: 'pain' })}
        tight
      />
      <Button
        label={t('notes.open')}
        note={countOf(look.notes)}
        onPress={() => open({ of: 'note' })}
        tight
      />
      <Button
        kind="main"
        flex={1}
        label={t('look.finish')}
        note={t('look.faults', { count: look.faults.length })}
        onPress={() => onStep('probe')}
      />
    </View>
  );
}
