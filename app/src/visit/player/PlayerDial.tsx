import type { Dose } from '@taxikine/core/knowledge/drillRow';
import { breathesOut, type PlayerMoment } from '@taxikine/core/planning/player/timeline';
import { View } from '@tamagui/core';
import Svg, { Path } from 'react-native-svg';
import { Numeral, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';

export interface PlayerDialProps {
  readonly moment: PlayerMoment;
  readonly dose: Dose;
  readonly size: number;
}

/** What is left of a set or a rest, as an arc that is drawn back; the repetition, or the seconds, in it. */
export function PlayerDial({ moment, dose, size }: PlayerDialProps) {
  const t = useText();
  const { phase, leftS, count } = moment;
  const seconds = Math.ceil(leftS);
  const counted = phase === 'work' && count;
  const under = counted
    ? dose.by === 'breaths'
      ? t(breathesOut(count.part) ? 'player.out' : 'player.in')
      : t('player.ofReps', { count: count.of })
    : t(phase === 'rest' ? 'player.rest' : phase === 'over' ? 'player.over' : 'player.seconds');
  return (
    <View
      role="timer"
      aria-label={t('player.remaining', { seconds })}
      width={size}
      height={size}
      alignItems="center"
      justifyContent="center"
    >
      <Arc
        share={moment.wholeS > 0 ? leftS / moment.wholeS : 0}
        resting={phase === 'rest'}
        size={size}
      />
      <Numeral style={{ fontSize: size * 0.44, lineHeight: size * 0.46 }}>
        {counted ? count.at : seconds}
      </Numeral>
      <Words bold>{under}</Words>
    </View>
  );
}

interface ArcProps {
  readonly share: number;
  readonly resting: boolean;
  readonly size: number;
}

function Arc({ share, resting, size }: ArcProps) {
  const palette = usePalette();
  const [c, r] = [size / 2, size / 2 - 10];
  const angle = 2 * Math.PI * Math.min(0.9999, share);
  const end = `${c + r * Math.sin(angle)} ${c - r * Math.cos(angle)}`;
  const whole = `M${c} ${c - r}A${r} ${r} 0 1 1 ${c - 0.01} ${c - r}`;
  return (
    <Svg width={size} height={size} style={{ position: 'absolute' }} aria-hidden>
      <Path d={whole} stroke={palette.rule} strokeWidth={4} fill="none" />
      {share > 0 ? (
        <Path
          d={`M${c} ${c - r}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 1 ${end}`}
          stroke={resting ? palette.sea : palette.accent}
          strokeWidth={12}
          strokeDasharray={resting ? '4 10' : undefined}
          fill="none"
          strokeLinecap="butt"
        />
      ) : null}
    </Svg>
  );
}
