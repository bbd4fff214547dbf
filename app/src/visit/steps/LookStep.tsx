import { oneFault } from '@taxikine/core/knowledge/faults';
import {
  PHASES,
  VIEWS,
  type Phase,
  type View as LookView,
  type Zone,
} from '@taxikine/core/body/stance/patterns';
import { onePhrase } from '@taxikine/core/knowledge/phrases';
import { clamp } from '@taxikine/core/foundation/numeric/safety';
import { RATINGS, type LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { useWrite } from '../../data/useFile';
import { DepthCurve } from '../../figure/DepthCurve';
import { TapFigure } from '../../figure/TapFigure';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { FaultRows } from './FaultRows';
import { FaultSheet } from './FaultSheet';
import { betterView, faultsAt, removeFault, setFaultValue, toggleAllClear } from './lookState';
import { LookTools } from './LookTools';
import { NotesSheet } from './NotesSheet';
import { PainSheet } from './PainSheet';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';
import { ours } from '../../words/units';

/** The live look: one figure, one place on the repetition, one joint at a time. */
export function LookStep(props: StepProps) {
  const t = useText();
  const { first } = props.open.visit;
  if (!first)
    return (
      <StepFrame
        title={t('steps.look')}
        foot={
          <Button
            kind="main"
            flex={1}
            label={t('setup.title')}
            onPress={() => props.onStep('setup')}
          />
        }
      >
        {null}
      </StepFrame>
    );
  return <LiveLook {...props} look={first} />;
}

function useLook(look: LookRecord) {
  const write = useWrite();
  const [before, setBefore] = useState<LookRecord | null>(null);
  const save = (next: LookRecord) => {
    setBefore(look);
    write('looks', next);
  };
  const undo = () => {
    if (before) write('looks', before);
    setBefore(null);
  };
  return { save, undo, canUndo: before !== null };
}

function LiveLook({ open, onStep, wide, width, height, look }: StepProps & { look: LookRecord }) {
  const t = useText();
  const { save, undo, canUndo } = useLook(look);
  const { pattern } = open.visit.visit;
  const [view, setView] = useState<LookView>(pattern === 'squat' ? 'back' : 'side');
  const [phase, setPhase] = useState<Phase>('bottom');
  const [zone, setZone] = useState<Zone>('hips');
  const [touched, setTouched] = useState<string | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const [pain, setPain] = useState(false);
  const [noting, setNoting] = useState(false);
  // The button that was tapped answers first; the figure and the list follow it.
  const later = useDeferredValue(look);
  const rows = faultsAt(pattern, zone, view, phase, look);
  const openFault = look.faults.find((fault) => faultKey(fault) === opened);
  const lastTouched = look.faults.find((fault) => faultKey(fault) === touched);
  const seenPhases = new Set(look.faults.map((fault) => fault.phase));
  const figureWidth = wide ? Math.min(520, width * 0.5) : width;
  // What is left when the curve, two rows of buttons and the foot are on the screen too.
  const figureHeight = clamp(height - (wide ? 428 : 499), 200, 520);
  const elsewhere = betterView(pattern, zone, phase, look);

  const panel = (
    <View
      gap="$2"
      paddingHorizontal="$3"
      paddingVertical="$3"
      backgroundColor="$raised"
      borderTopWidth={wide ? 0 : 1.5}
      borderColor="$ink"
      flex={wide ? 1 : undefined}
    >
      <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$2">
        <Words small soft flexShrink={1} aria-live="polite">
          {t('look.where', {
            zone: t(`zones.${zone}`),
            phase: t(`phases.${phase}`),
            view: t(`views.${view}`),
          })}
          {view === 'front' ? ` · ${t('look.swapped')}` : ''}
        </Words>
        {rows.length > 0 ? (
          <Button
            kind="quiet"
            label={t('look.allClear')}
            tight
            small
            onPress={() => save(toggleAllClear(look, rows))}
          />
        ) : null}
      </View>
      {rows.length === 0 ? (
        <View gap="$2">
          <Words>{t('look.nothing', { zone: t(`zones.${zone}`) })}</Words>
          {elsewhere ? (
            <Button
              label={t('look.tryView', { view: t(`views.${elsewhere}`) })}
              onPress={() => setView(elsewhere)}
            />
          ) : (
            <Words soft>{t('look.elsewhere')}</Words>
          )}
        </View>
      ) : (
        <FaultRows
          rows={rows}
          look={look}
          view={view}
          phase={phase}
          onOpen={setOpened}
          onChange={(next, key) => {
            save(next);
            setTouched(key);
          }}
        />
      )}
      {lastTouched && oneFault(lastTouched.fault).unit ? (
        <Button
          kind="quiet"
          small
          left
          label={`${fillSide(oneFault(lastTouched.fault).sentence, lastTouched.side)}: ${lastTouched.value === undefined ? t('look.add') : ours(withUnit(lastTouched.value, oneFault(lastTouched.fault).unit!))}`}
          onPress={() => setOpened(touched)}
        />
      ) : null}
      {wide ? <SeenSoFar look={later} onOpen={setOpened} /> : null}
    </View>
  );

  return (
    <View flex={1} minHeight={0}>
      <View flex={1} minHeight={0} style={{ overflowY: 'auto' }}>
        <View
          flexDirection="row"
          justifyContent="space-between"
          paddingHorizontal="$3"
          paddingTop="$2"
        >
          <View flexDirection="row" gap="$1" role="group" aria-label="view">
            {VIEWS.map((name) => (
              <ViewTab
                key={name}
                label={t(`views.${name}`)}
                on={name === view}
                onPress={() => setView(name)}
              />
            ))}
          </View>
          <Button kind="quiet" label={t('undo')} off={!canUndo} tight small onPress={undo} />
        </View>
        <View
          flexDirection={wide ? 'row' : 'column'}
          gap={wide ? '$5' : 0}
          padding={wide ? '$4' : 0}
        >
          <View>
            <TapFigure
              client={open.visit.client}
              setup={look.setup}
              moment={{ pattern, phase, faults: later.faults }}
              view={view}
              width={figureWidth}
              height={figureHeight}
              standing={
                phase === 'start' ||
                phase === 'finish' ||
                (pattern !== 'squat' && phase !== 'bottom')
              }
              zone={zone}
              faults={later.faults.filter((fault) => fault.phase === phase)}
              label={t('look.figure', { view: t(`views.${view}`), phase: t(`phases.${phase}`) })}
              onZone={setZone}
            />
            <DepthCurve
              width={figureWidth}
              phase={phase}
              seen={seenPhases}
              onPhase={(next) => PHASES.includes(next) && setPhase(next)}
            />
          </View>
          {panel}
        </View>
        {wide ? null : <SeenSoFar look={later} onOpen={setOpened} />}
        <View paddingHorizontal="$3" paddingVertical="$3" gap="$3">
          <LookTools look={look} onSave={save} />
          <Choice
            label={t('look.rating')}
            options={RATINGS.map((value) => ({ value, label: t(`look.ratings.${value}`) }))}
            value={look.rating ?? undefined}
            onChange={(rating) => save({ ...look, rating })}
          />
          <Button
            kind="quiet"
            left
            label={t('picture.open')}
            onPress={() =>
              router.push(`/clients/${open.visit.client.id}/visits/${open.visit.visit.id}/picture`)
            }
          />
          <Button
            kind="quiet"
            left
            label={t('recording.measureOne')}
            onPress={() =>
              router.push(
                `/clients/${open.visit.client.id}/visits/${open.visit.visit.id}/recording`,
              )
            }
          />
          <Button
            kind="quiet"
            left
            label={t('fit.open')}
            onPress={() =>
              router.push(`/clients/${open.visit.client.id}/fit?visit=${open.visit.visit.id}`)
            }
          />
        </View>
      </View>
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
          note={look.pain.length > 0 ? String(look.pain.length) : undefined}
          onPress={() => setPain(true)}
          tight
        />
        <Button
          label={t('notes.open')}
          note={look.notes.length > 0 ? String(look.notes.length) : undefined}
          onPress={() => setNoting(true)}
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
      {openFault && opened ? (
        <FaultSheet
          fault={openFault}
          onGrade={(grade) =>
            save({
              ...look,
              faults: look.faults.map((fault) =>
                fault === openFault ? { ...fault, grade } : fault,
              ),
            })
          }
          onValue={(value) => save(setFaultValue(look, opened, value))}
          onRemove={() => {
            save(removeFault(look, opened));
            setOpened(null);
          }}
          onClose={() => setOpened(null)}
        />
      ) : null}
      {noting ? (
        <NotesSheet
          notes={look.notes}
          phase={phase}
          onChange={(notes) => save({ ...look, notes })}
          onClose={() => setNoting(false)}
        />
      ) : null}
      {pain ? (
        <PainSheet
          phase={phase}
          onClose={() => setPain(false)}
          onSave={(one) => {
            save({ ...look, pain: [...look.pain, one] });
            setPain(false);
            if (one.score > 0) onStep('ask');
          }}
        />
      ) : null}
    </View>
  );
}

/** A view as a tab with a rule under the one in force. */
function ViewTab({ label, on, onPress }: { label: string; on: boolean; onPress: () => void }) {
  return (
    <View borderBottomWidth={3} borderColor={on ? '$accent' : 'transparent'}>
      <Button
        kind="quiet"
        label={label}
        tight
        onPress={onPress}
        says={`view: ${label}${on ? ', chosen' : ''}`}
      />
    </View>
  );
}

/** What was logged, each a way to its number and to taking it back. */
function SeenSoFar({ look, onOpen }: { look: LookRecord; onOpen: (key: string) => void }) {
  const t = useText();
  if (look.faults.length + look.notes.length + look.pain.length === 0) return null;
  return (
    <View paddingHorizontal="$3" paddingTop="$3" gap="$1">
      <Words small soft>
        {t('look.kept')}
      </Words>
      {look.faults.map((fault) => {
        const { sentence, unit } = oneFault(fault.fault);
        const number =
          fault.value !== undefined && unit ? ` · ${ours(withUnit(fault.value, unit))}` : '';
        return (
          <Button
            key={faultKey(fault)}
            left
            kind="quiet"
            label={fillSide(sentence, fault.side)}
            note={`${t(`phases.${fault.phase}`)} · ${t(`grades.${fault.grade}`)}${number}`}
            onPress={() => onOpen(faultKey(fault))}
          />
        );
      })}
      {look.pain.map(({ region, side, score, kind, on }) => (
        <Words key={on} small>
          {`${t('look.pain')}: ${side ? `${t(side)} ` : ''}${t(`regions.${region}`)}, ${t(`pain.kinds.${kind}`)} ${score}`}
        </Words>
      ))}
      {look.notes.map(({ phrase, phase }) => (
        <Words key={`${phrase}${phase}`} small soft>
          {`${onePhrase(phrase).words} · ${t(`phases.${phase}`)}`}
        </Words>
      ))}
    </View>
  );
}
