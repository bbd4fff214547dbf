import {
  DRILL_POSES,
  oneDrill,
  painRule,
  setSeconds,
  type ClientRecord,
  type DrillRecord,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import Svg, { Path } from 'react-native-svg';
import { useWrite } from '../data/useFile';
import { PoseFigure } from '../figure/PoseFigure';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Numeral, Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';
import { leftSeconds, nextSet, paused, resumed } from './playerClock';
import { StepFrame } from './StepFrame';

export interface PlayerProps {
  readonly client: ClientRecord;
  readonly drill: DrillRecord;
  readonly onClose: () => void;
  readonly wide: boolean;
  readonly width: number;
}

/** The time now, often enough for a second hand; the clock itself is in the record. */
function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, [running]);
  return now;
}

/** One drill, big enough to read from the floor. */
export function Player({ client, drill, onClose, wide, width }: PlayerProps) {
  const t = useText();
  const write = useWrite();
  const row = oneDrill(drill.drill);
  const [pain, setPain] = useState<number | null>(null);
  const running = drill.clock.runningSince !== null;
  const now = useNow(running);
  const left = leftSeconds(drill.clock, row.dose, now);
  const lastSet = drill.clock.set + 1 >= row.dose.sets;
  const save = (part: Partial<DrillRecord>) => write('drills', { ...drill, ...part });
  const end = (status: DrillRecord['status']) => {
    save({
      status,
      pain,
      clock: paused(drill.clock, Date.now()),
      doneOn: new Date().toISOString(),
    });
    onClose();
  };
  const rule = pain === null ? null : painRule(pain);
  const what =
    row.dose.by === 'hold'
      ? t('player.hold')
      : row.dose.by === 'breaths'
        ? t('player.breaths', { count: row.dose.breaths })
        : t('player.reps', { count: row.dose.reps });

  const foot =
    rule === 'stop' ? (
      <Button kind="main" flex={1} label={t('player.stop')} onPress={() => end('stopped')} />
    ) : (
      <>
        <Button label={t('player.skip')} onPress={() => end('skipped')} />
        {left === 0 && lastSet ? (
          <Button kind="main" flex={1} label={t('player.finish')} onPress={() => end('done')} />
        ) : left === 0 ? (
          <Button
            kind="main"
            flex={1}
            label={t('player.nextSet')}
            onPress={() => save({ clock: nextSet(drill.clock) })}
          />
        ) : running ? (
          <Button
            kind="main"
            flex={1}
            label={t('player.pause')}
            onPress={() => save({ clock: paused(drill.clock, Date.now()) })}
          />
        ) : (
          <Button
            kind="main"
            flex={1}
            label={t('player.resume')}
            onPress={() => save({ clock: resumed(drill.clock, Date.now()) })}
          />
        )}
      </>
    );

  return (
    <StepFrame
      title={drill.side ? `${row.name}, ${t(drill.side)}` : row.name}
      lead={`${t('player.set', { set: drill.clock.set + 1, sets: row.dose.sets })} · ${what}`}
      foot={foot}
    >
      <View
        flexDirection={wide ? 'row' : 'column'}
        gap="$5"
        alignItems={wide ? 'flex-start' : 'stretch'}
      >
        <View alignItems="center" gap="$3">
          <PoseFigure
            client={client}
            poses={DRILL_POSES[drill.drill]}
            side={drill.side}
            view="quarter"
            moving={running}
            width={Math.min(width - 60, 420)}
            height={wide ? 300 : 200}
          />
          <View role="timer" aria-label={t('player.remaining', { seconds: Math.ceil(left) })}>
            <TimeArc left={left} whole={setSeconds(row.dose)} size={wide ? 220 : 168} />
          </View>
        </View>
        <View gap="$3" flex={1}>
          <Words fontSize="$4" lineHeight="$4">
            {row.how}
          </Words>
          <Words>
            <Words bold>{t('work.feel')}: </Words>
            {row.feel}
          </Words>
          <Words>
            <Words bold>{t('work.stopIf')}: </Words>
            {row.stopIf}
          </Words>
          <Words soft>
            {t('work.easier')}: {row.easier} · {t('work.harder')}: {row.harder}
          </Words>
          <Choice
            label={t('player.painAfter')}
            options={Array.from({ length: 11 }, (_, value) => ({ value, label: String(value) }))}
            value={pain ?? undefined}
            onChange={setPain}
          />
          {rule === 'easier' ? (
            <Words bold role="status">
              {t('player.easier', { easier: row.easier })}
            </Words>
          ) : null}
          <Button kind="quiet" label={t('back')} onPress={onClose} />
        </View>
      </View>
    </StepFrame>
  );
}

/** What is left of the set, as an arc that is drawn back, with the seconds in it. */
function TimeArc({ left, whole, size }: { left: number; whole: number; size: number }) {
  const palette = usePalette();
  const r = size / 2 - 12;
  const c = size / 2;
  const share = Math.min(0.9999, left / whole);
  const angle = 2 * Math.PI * share;
  const end = { x: c + r * Math.sin(angle), y: c - r * Math.cos(angle) };
  return (
    <View
      position="relative"
      width={size}
      height={size}
      alignItems="center"
      justifyContent="center"
    >
      <Svg width={size} height={size} style={{ position: 'absolute' }} aria-hidden>
        <Path
          d={`M${c} ${c - r}A${r} ${r} 0 1 1 ${c - 0.01} ${c - r}`}
          stroke={palette.rule}
          strokeWidth={4}
          fill="none"
        />
        {left > 0 ? (
          <Path
            d={`M${c} ${c - r}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 1 ${end.x} ${end.y}`}
            stroke={palette.accent}
            strokeWidth={11}
            fill="none"
            strokeLinecap="round"
          />
        ) : null}
      </Svg>
      <Numeral fontSize={size > 220 ? '$8' : '$7'} lineHeight={size > 220 ? '$8' : '$7'}>
        {Math.ceil(left)}
      </Numeral>
      <Title small aria-level={6} color="$soft">
        s
      </Title>
    </View>
  );
}
