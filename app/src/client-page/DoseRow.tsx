import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { PageDrill } from '@taxikine/core/planning/home/homePage';
import { View } from '@tamagui/core';
import { createPart } from '../parts/createPart';
import { usePart } from '../parts/usePart';
import { whenPainted } from '../parts/whenPainted';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { nameOf } from '../home-plan/nameOf';
import { useText } from '../words/useText';
import { DONE_MARK, DOSE_FIGURE } from './doseSizes';

/** The words come first; what is drawn beside them may come a moment later. */
const drawings = createPart(() => import('./doseDrawings'));

export interface DoseRowProps {
  readonly dose: DoseToday;
  readonly drill: PageDrill;
  readonly onPlay: () => void;
  readonly onSay: () => void;
}

/** One dose of the day: what it is, how much, and what became of it. */
export function DoseRow({ dose, drill, onPlay, onSay }: DoseRowProps) {
  const t = useText();
  const drawn = usePart(drawings, whenPainted);
  const row = drillOf(drill);
  const name = nameOf({ row, side: drill.side }, t);
  const { state, log } = dose;
  const may = state !== 'stopped' && state !== 'out';
  return (
    <View
      borderTopWidth={1.5}
      borderColor="$rule"
      paddingVertical="$3"
      gap="$2"
      role="group"
      aria-label={name}
    >
      <View flexDirection="row" alignItems="center" gap="$3">
        <View {...DOSE_FIGURE}>
          {drawn.status === 'there' ? <drawn.part.DoseFigure drill={drill} /> : null}
        </View>
        <View flex={1} minWidth={0} gap="$1">
          <Title small aria-level={3}>
            {name}
          </Title>
          <Words>{doseWords(dose.dose)}</Words>
          {log && log.times > 1 ? (
            <Words small soft>
              {t('page.twice', { count: log.times })}
            </Words>
          ) : null}
          {state === 'go' ? null : (
            <Words bold accent={!may}>
              {t(`page.state.${state}`)}
            </Words>
          )}
        </View>
        {log ? (
          <View {...DONE_MARK}>
            {drawn.status === 'there' ? <drawn.part.DoneMark done={log.done} /> : null}
          </View>
        ) : null}
      </View>
      <View flexDirection="row" gap="$2" alignItems="center" flexWrap="wrap">
        {may && log?.done !== 'done' ? (
          <Button
            kind={log ? 'plain' : 'main'}
            flex={1}
            label={t('page.start')}
            says={t('page.startOf', { drill: name })}
            onPress={onPlay}
          />
        ) : null}
        <Button
          kind={log ? 'quiet' : 'plain'}
          tight
          label={log ? t(`page.done.${log.done}`) : t('page.say')}
          says={t('page.sayOf', { drill: name })}
          onPress={onSay}
        />
      </View>
    </View>
  );
}
