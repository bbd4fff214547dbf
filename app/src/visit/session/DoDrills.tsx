import { onSide } from '@taxikine/core/foundation/sides/onSide';
import { drillKey, type DrillOnSide } from '@taxikine/core/knowledge/keys';
import { oneCheck } from '@taxikine/core/knowledge/checks';
import { maybeLowered, type RungToday } from '@taxikine/core/planning/ladder/rungToday';
import { tryOf } from '@taxikine/core/records/drills/rungTry';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import { plannedCauses } from '@taxikine/core/planning/session/plannedCauses';
import { planSession } from '@taxikine/core/planning/session/planSession';
import { isBegun, workDone } from '@taxikine/core/planning/player/timeline';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import { checksOfDrill } from '@taxikine/core/reading/visit/checksOfDrill';
import { careOf } from '@taxikine/core/inference/safety/careOf';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { clockWords } from '@taxikine/core/foundation/words/clockWords';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { CheckCard } from '../check/CheckCard';
import { useUpdate } from '../../data/useFile';
import { useLibrary, useWeights } from '../../data/usePractice';
import { JudgeRung } from '../ladder/JudgeRung';
import { LoadTodayWords } from '../ladder/LoadTodayWords';
import { maybeRungWords } from '../ladder/rungWords';
import { Player, type PlayerProps } from '../player/Player';
import { usePlayer } from '../player/usePlayer';
import { CareStrip } from '../steps/CareStrip';
import { StepFrame } from '../../ui/StepFrame';
import { caseFileOf } from '@taxikine/core/inference/case/caseFileOf';
import { limitsOf } from '@taxikine/core/planning/session/limitsOf';
import type { StepProps } from '../steps/StepProps';
import { useDepthCut } from '../trace/useDepthCut';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CareWords } from '../player/CareWords';

export interface DoDrillsProps extends StepProps {
  readonly found: Trace;
}

const isWaiting = ({ status }: DrillRecord): boolean => status === 'planned';

/** Whether something else would be chosen now, and nothing was begun yet. */
function useStale(visit: VisitFile, found: Trace): boolean {
  const library = useLibrary();
  const now = useMemo(
    () =>
      planSession(
        plannedCauses(found, caseFileOf(visit)),
        limitsOf(visit),
        visit.visit.wish,
        library,
      ).drills,
    [found, visit, library],
  );
  const untouched = visit.drills.every((one) => isWaiting(one) && !isBegun(one.clock));
  const keys = (list: readonly DrillOnSide[]) => list.map(drillKey).join();
  const chosen = now.map(({ drill, side }) => ({ drill: drill.id, side }));
  return untouched && keys(visit.drills) !== keys(chosen);
}

/** The session under way: one drill after the other in the player, and the list between them. */
export function DoDrills({ open, onStep, wide, width, found }: DoDrillsProps) {
  const t = useText();
  const update = useUpdate();
  const { visit } = open;
  const { drills } = visit;
  const stale = useStale(visit, found);
  const cut = useDepthCut(visit);
  const chooseAgain = () =>
    drills.forEach((one) => update('drills', one, (latest) => ({ ...latest, removed: true })));
  const running = drills.find((one) => isWaiting(one) && isBegun(one.clock));
  const [playing, setPlaying] = useState<string | null>(running?.id ?? null);
  const weights = useWeights();
  const at = { file: open.file, visit: visit.visit, gate: open.gate };
  /** A load that was chosen before something said no is taken off first. */
  const begin = (drill: DrillRecord) => {
    const lowered = maybeLowered(drill, at);
    if (lowered) {
      const rung = tryOf(lowered.rung, visit.client.massKg, weights);
      update('drills', drill, (latest) => ({ ...latest, rung }));
    }
    setPlaying(drill.id);
  };
  const careFor = (drill: DrillRecord) =>
    careOf(drillOf(drill), drill.side, { ...limitsOf(visit), cut });
  const current = drills.find((one) => one.id === playing && isWaiting(one));
  if (current)
    return (
      <SessionPlayer
        key={current.id}
        care={careFor(current)}
        client={visit.client}
        drill={current}
        session={drills}
        onClose={() => setPlaying(null)}
        wide={wide}
        width={width}
      />
    );
  const next = drills.find(isWaiting);
  const untouched = drills.every((one) => isWaiting(one) && !isBegun(one.clock));
  return (
    <StepFrame
      title={t('work.title')}
      lead={t('work.lead')}
      foot={
        next ? (
          <Button
            kind="main"
            flex={1}
            label={t('work.start')}
            note={drillOf(next).name}
            onPress={() => begin(next)}
          />
        ) : (
          <Button kind="main" flex={1} label={t('work.look')} onPress={() => onStep('again')} />
        )
      }
    >
      <CareStrip visit={visit} />
      {stale ? <Button label={t('work.changed')} onPress={chooseAgain} /> : null}
      {drills.map((one) => (
        <DrillLine
          key={one.id}
          drill={one}
          visit={visit}
          file={open.file}
          care={isWaiting(one) ? careFor(one) : []}
          lowered={isWaiting(one) ? maybeLowered(one, at) : null}
          width={width}
          onPress={() => begin(one)}
        />
      ))}
      {untouched && !stale ? (
        <Button kind="quiet" label={t('work.rechoose')} onPress={chooseAgain} />
      ) : null}
      {next ? <Button label={t('work.look')} onPress={() => onStep('again')} /> : null}
    </StepFrame>
  );
}

interface DrillLineProps {
  readonly drill: DrillRecord;
  readonly visit: VisitFile;
  readonly file: ClientFile;
  /** How it is to be done, while it is still to be. */
  readonly care: readonly string[];
  /** What it is taken down to; null where it may be done as it stands. */
  readonly lowered: RungToday | null;
  readonly width: number;
  readonly onPress: () => void;
}

function DrillLine({ drill, visit, file, care, lowered, width, onPress }: DrillLineProps) {
  const t = useText();
  const row = drillOf(drill);
  const rung = maybeRungWords(drill, t);
  const { sets, seconds } = workDone(drill.log);
  const did = sets > 0 ? ` · ${t('work.did', { sets, time: clockWords(seconds) })}` : '';
  const pain = drill.pain ? ` · ${t('work.painWas', { score: drill.pain })}` : '';
  return (
    <View gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$3">
      <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$3">
        <View flex={1}>
          <Title small aria-level={3}>
            {row.name}
            {drill.side ? `, ${t(drill.side)}` : ''}
          </Title>
          <Words small soft>
            {rung ? `${rung} · ` : ''}
            {doseWords(drill.dose)} · {t(`work.status.${drill.status}`)}
            {did}
            {pain}
          </Words>
        </View>
        {isWaiting(drill) ? (
          <Button
            label={t('work.start')}
            says={`${t('work.start')}: ${row.name}`}
            tight
            onPress={onPress}
          />
        ) : null}
      </View>
      {isWaiting(drill) ? <Words small>{row.how}</Words> : null}
      <CareWords care={care} size="small" />
      {lowered ? <Lowered today={lowered} /> : null}
      {drill.rung ? <JudgeRung drill={drill} file={file} /> : null}
      {drill.status === 'done' ? <TakeAgain drill={drill} visit={visit} width={width} /> : null}
    </View>
  );
}

/** A load that is off for today, and why. */
function Lowered({ today: { load, rung } }: { today: RungToday }) {
  const t = useText();
  return (
    <>
      <LoadTodayWords load={load} />
      <Words small accent>
        {t('ladder.lowered', { rung: rung.name })}
      </Words>
    </>
  );
}

/** The range that this drill is for, taken again right after it: which drill moved it is then known. */
function TakeAgain({ drill, visit, width }: Pick<DrillLineProps, 'drill' | 'visit' | 'width'>) {
  const t = useText();
  const worth = checksOfDrill(visit, drill);
  const taken = visit.checks.filter(({ afterDrill }) => afterDrill === drill.id);
  const [open, setOpen] = useState<string | null>(null);
  return worth.map(({ check, side }) => {
    const row = oneCheck(check);
    const key = onSide(check, side);
    const name = side ? `${row.name}, ${t(side)}` : row.name;
    const done = taken.some((one) => one.check === check && one.side === side);
    return open === key || done ? (
      <CheckCard
        key={key}
        row={row}
        visit={visit}
        role="between"
        afterDrill={drill.id}
        width={width - 40}
        sides={[side]}
        bare
      />
    ) : (
      <Button
        key={key}
        kind="quiet"
        tight
        small
        stretch
        left
        label={t('work.measure', { check: name })}
        onPress={() => setOpen(key)}
      />
    );
  });
}

/** The player of a drill that is kept with its visit. */
function SessionPlayer(props: Omit<PlayerProps, 'player'>) {
  return <Player {...props} player={usePlayer(props.drill)} />;
}
