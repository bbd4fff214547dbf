import { breathWords } from '@taxikine/core/knowledge/breaths';
import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { PoseFigure } from '../../figure/PoseFigure';
import { maybeRungWords } from '../ladder/rungWords';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { StepFrame } from '../../ui/StepFrame';
import { PainPad } from './PainPad';
import { PlayerDial } from './PlayerDial';
import { PlayerFoot } from './PlayerFoot';
import { SessionProgress } from './SessionProgress';
import { useCues } from './useCues';
import { useMoment } from './useMoment';
import type { PlayerActions } from './playerOf';
import { useWakeLock } from './useWakeLock';
import { CareWords } from './CareWords';

export interface PlayerProps {
  /** Whose body shows it. */
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  readonly drill: DrillRecord;
  /** All of the session, in order. */
  readonly session: readonly DrillRecord[];
  readonly player: PlayerActions;
  /** What this client has to look out for in it. */
  readonly care: readonly string[];
  readonly onClose: () => void;
  readonly wide: boolean;
  readonly width: number;
}

/** One drill, big enough to read from the floor, three metres away. */
export function Player({
  client,
  drill,
  session,
  player,
  care,
  onClose,
  wide,
  width,
}: PlayerProps) {
  const t = useText();
  const row = useMemo(() => drillOf(drill), [drill]);
  const rung = maybeRungWords(drill, t);
  const moment = useMoment(drill.clock, drill.dose);
  const { cues, toggle } = useCues(moment);
  const [hurts, setHurts] = useState(false);
  useWakeLock(moment.running);
  const form = drill.form === 'usual' ? null : drill.form;
  return (
    <StepFrame
      roomy
      title={drill.side ? `${row.name}, ${t(drill.side)}` : row.name}
      lead={[t('player.set', { set: moment.set + 1, sets: drill.dose.sets }), rung]
        .filter(Boolean)
        .join(' · ')}
      foot={<PlayerFoot moment={moment} player={player} onClose={onClose} />}
    >
      <SessionProgress session={session} current={drill.id} />
      <View
        flexDirection={wide ? 'row' : 'column'}
        gap={wide ? '$6' : '$3'}
        alignItems={wide ? 'flex-start' : 'stretch'}
      >
        <View gap="$2" width={wide ? 440 : undefined}>
          <PoseFigure
            client={client}
            poses={posesOfDrill(row)}
            side={drill.side}
            view="quarter"
            marks
            moving={moment.running && moment.phase === 'work'}
            width={wide ? 420 : Math.min(width - 90, 340)}
            height={wide ? 260 : 160}
          />
          <View flexDirection="row" alignItems="center" justifyContent="space-between">
            <View gap="$2">
              <Button
                label={t('work.easier')}
                off={drill.form === 'easier'}
                onPress={() => player.form(-1)}
                tight
                small
              />
              <Button
                label={t('work.harder')}
                off={drill.form === 'harder'}
                onPress={() => player.form(1)}
                tight
                small
              />
            </View>
            <PlayerDial moment={moment} dose={drill.dose} size={wide ? 240 : 156} />
            <View gap="$2">
              <Button label={t('player.pain')} onPress={() => setHurts(true)} tight small />
              {moment.set + 1 < drill.dose.sets ? (
                <Button label={t('player.nextSet')} onPress={player.next} tight small />
              ) : null}
            </View>
          </View>
        </View>
        <View gap="$3" flex={1}>
          <Loud label={t('work.feel')} text={row.feel} />
          <CareWords care={care} size="loud" />
          <Loud label={t('work.stopIf')} text={row.stopIf} accent />
          {form ? <Loud label={t(`work.${form}`)} text={row[form]} /> : null}
          {moment.overS > AWAY_S ? <Words bold>{t('player.away')}</Words> : null}
          <Words fontSize="$4" lineHeight="$4">
            {row.how}
          </Words>
          <Words soft>{breathWords(row.breath)}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button
              kind="quiet"
              label={t(cues.sound ? 'player.soundOn' : 'player.soundOff')}
              onPress={() => toggle('sound')}
              tight
              small
            />
            <Button
              kind="quiet"
              label={t(cues.buzz ? 'player.buzzOn' : 'player.buzzOff')}
              onPress={() => toggle('buzz')}
              tight
              small
            />
          </View>
        </View>
      </View>
      {hurts ? (
        <PainPad easier={row.easier} onSaid={player.pain} onClose={() => setHurts(false)} />
      ) : null}
    </StepFrame>
  );
}

/** Over by more than this and nobody tapped: the coach is asked whether it was done. */
const AWAY_S = 300;

/** A line to be read from the floor. */
function Loud({ label, text, accent }: { label: string; text: string; accent?: boolean }) {
  return (
    <View gap={0}>
      <Words small soft>
        {label}
      </Words>
      <Words bold accent={accent} fontSize="$5" lineHeight="$5">
        {text}
      </Words>
    </View>
  );
}
