import { doseWords, drillOf, posesOfDrill, type DoseToday, type PageDrill } from '@taxikine/core';
import { View } from '@tamagui/core';
import Svg, { Path } from 'react-native-svg';
import { PoseFigure } from '../figure/PoseFigure';
import { ANYBODY } from '../library/anybody';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { nameOf } from '../week/nameOf';
import { useText } from '../words/useText';

export interface DoseRowProps {
  readonly dose: DoseToday;
  readonly drill: PageDrill;
  readonly onPlay: () => void;
  readonly onSay: () => void;
}

/** One dose of the day: what it is, how much, and what became of it. */
export function DoseRow({ dose, drill, onPlay, onSay }: DoseRowProps) {
  const t = useText();
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
        <PoseFigure
          client={ANYBODY}
          poses={posesOfDrill(row)}
          side={drill.side}
          view="quarter"
          moving={false}
          width={92}
          height={84}
        />
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
        {log ? <DoneMark done={log.done} /> : null}
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

const MARKS = {
  done: 'M5 17 L13 25 L28 7',
  partly: 'M5 17 L13 25',
  not: 'M6 16 L27 16',
} as const;

/** A tick, half a tick, a dash. */
function DoneMark({ done }: { done: keyof typeof MARKS }) {
  const palette = usePalette();
  return (
    <Svg width={34} height={32} aria-hidden>
      <Path
        d={MARKS[done]}
        fill="none"
        stroke={palette.ink}
        strokeWidth={3.5}
        strokeLinecap="round"
      />
    </Svg>
  );
}
