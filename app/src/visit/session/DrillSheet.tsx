import { breathWords } from '@taxikine/core/knowledge/breaths';
import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseFor } from '@taxikine/core/knowledge/workOrder';
import type { PlannedDrill } from '@taxikine/core/planning/session/planSession';
import { swapsFor } from '@taxikine/core/planning/session/swapsFor';
import {
  chooseRung,
  doseDrill,
  dropDrill,
  letGo,
  lockDrill,
  swapDrill,
} from '@taxikine/core/planning/session/wish';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { PoseFigure } from '../../figure/PoseFigure';
import { LadderPanel } from '../ladder/LadderPanel';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { DoseSteppers } from '../../library/DoseSteppers';
import type { SessionOf } from './useSessionPlan';
import { CareWords } from '../player/CareWords';

export interface DrillSheetProps {
  readonly one: PlannedDrill;
  readonly session: SessionOf;
  readonly visit: VisitFile;
  readonly onClose: () => void;
}

/** Most others that are offered: more is no help in choosing. */
const MOST_SWAPS = 6;

/** One drill of the session, and what the coach can do about it. */
export function DrillSheet({ one, session, visit, onClose }: DrillSheetProps) {
  const t = useText();
  const { drill, side, dose, locked, key } = one;
  const { limits, wishes, plan, move } = session;
  const at = { drill: drill.id, side };
  const climbed = session.rungs.get(key);
  const place = plan.drills.findIndex((other) => other.key === key);
  const broken = plan.broken.filter((rule) => rule.key === key);
  const leave = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Sheet title={side ? `${drill.name}, ${t(side)}` : drill.name} open onClose={onClose}>
      <PoseFigure
        client={visit.client}
        poses={posesOfDrill(drill)}
        side={side}
        view="quarter"
        marks
        moving
        width={280}
        height={190}
      />
      <Words bold>{one.why}</Words>
      <CareWords care={one.care} />
      {climbed ? (
        <LadderPanel
          climbed={climbed}
          onRung={(rung) => wishes((wish) => chooseRung(wish, at, rung))}
        />
      ) : null}
      {broken.map(({ rule, says }) => (
        <Words key={rule} accent role="status">
          {says}
        </Words>
      ))}
      <Words>{drill.how}</Words>
      <Words>
        <Words bold>{t('work.feel')}: </Words>
        {drill.feel}
      </Words>
      <Words>
        <Words bold>{t('work.stopIf')}: </Words>
        {drill.stopIf}
      </Words>
      <Words soft>
        {breathWords(drill.breath)} · {t('work.easier')}: {drill.easier} · {t('work.harder')}:{' '}
        {drill.harder}
      </Words>
      <DoseSteppers
        dose={dose}
        usual={doseFor(drill, limits.approach)}
        onDose={(next) => wishes((wish) => doseDrill(wish, at, next))}
      />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button
          label={t(locked ? 'work.unlock' : 'work.lock')}
          chosen={locked}
          onPress={() => wishes((wish) => (locked ? letGo(wish, key) : lockDrill(wish, at)))}
          tight
        />
        <Button
          label={t('work.drop')}
          onPress={leave(() => wishes((wish) => dropDrill(wish, at)))}
          tight
        />
        <Button
          label={t('work.earlier')}
          off={place === 0}
          onPress={() => place > 0 && move(key, place - 1)}
          tight
        />
        <Button
          label={t('work.later')}
          off={place === plan.drills.length - 1}
          onPress={() => place < plan.drills.length - 1 && move(key, place + 1)}
          tight
        />
      </View>
      <Swaps
        one={one}
        session={session}
        onSwap={(into) => leave(() => wishes((wish) => swapDrill(wish, at, into)))()}
      />
    </Sheet>
  );
}

interface SwapsProps extends Pick<DrillSheetProps, 'one' | 'session'> {
  readonly onSwap: (into: { drill: string; side: PlannedDrill['side'] }) => void;
}

function Swaps({ one, session: { plan, planned, limits, library }, onSwap }: SwapsProps) {
  const t = useText();
  const swaps = useMemo(() => {
    const there = new Set(plan.drills.map(({ key }) => key));
    return swapsFor({ drill: one.drill.id, side: one.side }, planned, limits, library)
      .filter(({ key }) => !there.has(key))
      .slice(0, MOST_SWAPS);
  }, [plan, one, planned, limits, library]);
  return (
    <View gap="$2">
      <Title small aria-level={3}>
        {t('work.swap')}
      </Title>
      {swaps.length === 0 ? <Words soft>{t('work.noSwap')}</Words> : null}
      {swaps.map(({ key, drill, side, minutes, against }) => (
        <Button
          key={key}
          label={side ? `${drill.name}, ${t(side)}` : drill.name}
          note={
            against
              ? against.reason
              : t('work.minutes', { count: Math.max(1, Math.round(minutes)) })
          }
          says={t('work.swapTo', { drill: drill.name })}
          stretch
          left
          onPress={() => onSwap({ drill: drill.id, side })}
        />
      ))}
    </View>
  );
}
