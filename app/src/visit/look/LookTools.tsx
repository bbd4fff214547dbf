import { heldSeconds, holdBegun, holdStopped } from '@taxikine/core/reading/visit/hold';
import type { HoldClock, LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { tempoOf, type Spread } from '@taxikine/core/reading/visit/tempoOf';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { Numeral, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import type { LookChange } from './lookState';
import { STANDING, tapTempo, type TempoTap } from './tempoTap';

export interface LookToolsProps {
  readonly look: LookRecord;
  readonly onChange: (change: LookChange) => void;
}

/** What is counted and timed while they move: repetitions, their tempo, a rest at the bottom. */
export function LookTools({ look, onChange }: LookToolsProps) {
  return (
    <View flexDirection="row" flexWrap="wrap" columnGap="$5" rowGap="$3">
      <Repetitions look={look} onChange={onChange} />
      <RestingHold look={look} onChange={onChange} />
    </View>
  );
}

const NEXT_TAP = { standing: 'goesDown', 'going-down': 'bottom', 'coming-up': 'stands' } as const;

function Repetitions({ look, onChange }: LookToolsProps) {
  const t = useText();
  const [tap, setTap] = useState<TempoTap>(STANDING);
  const tempo = tempoOf(look.reps);
  const onTap = () => {
    const { next, rep } = tapTempo(tap, performance.now());
    setTap(next);
    if (rep) onChange((latest) => ({ ...latest, reps: [...latest.reps, rep] }));
  };
  const count = () =>
    onChange((latest) => ({ ...latest, reps: [...latest.reps, { downS: null, upS: null }] }));
  return (
    <View role="group" aria-label={t('tally.reps')} gap="$1" width="100%" maxWidth={420}>
      <Words small soft aria-live="polite">
        {tempoWords(look, t)}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        <Numeral minWidth={30} textAlign="right" aria-hidden>
          {tempo.count}
        </Numeral>
        <Button label="+1" says={t('tally.count')} tight onPress={count} />
        <Button
          label={t(`tally.${NEXT_TAP[tap.at]}`)}
          says={t('tally.tempo', { next: t(`tally.${NEXT_TAP[tap.at]}`) })}
          chosen={tap.at !== 'standing'}
          onPress={onTap}
        />
        <Button
          kind="quiet"
          tight
          small
          label={t('tally.less')}
          says={t('tally.takeBack')}
          off={tempo.count === 0}
          onPress={() => onChange((latest) => ({ ...latest, reps: latest.reps.slice(0, -1) }))}
        />
      </View>
    </View>
  );
}

const seconds = ({ mean, sd }: Spread): string =>
  sd > 0 ? `${mean.toFixed(1)} ±\u00a0${sd.toFixed(1)} s` : `${mean.toFixed(1)} s`;

/** "5 repetitions · down 2.1 ± 0.3 s · up 1.4 s" */
function tempoWords({ reps }: LookRecord, t: TextOf): string {
  const { count, down, up } = tempoOf(reps);
  return [
    t('tally.done', { count }),
    down ? t('tally.down', { time: seconds(down) }) : '',
    up ? t('tally.up', { time: seconds(up) }) : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

const TICK_MS = 200;

/** The time now, ticking while asked to. */
function useNow(ticking: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!ticking) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [ticking]);
  return now;
}

/** A press stops the clock that runs, and starts one that does not. */
const pressed = (hold: HoldClock | null, now: number): HoldClock =>
  hold?.runningSince ? holdStopped(hold, now) : holdBegun(now);

function RestingHold({ look, onChange }: LookToolsProps) {
  const t = useText();
  const { hold } = look;
  const runs = Boolean(hold?.runningSince);
  const now = useNow(runs);
  const held = hold ? heldSeconds(hold, now) : 0;
  const press = () => onChange((latest) => ({ ...latest, hold: pressed(latest.hold, Date.now()) }));
  return (
    <View role="group" aria-label={t('tally.rest')} gap="$1">
      <Words small soft>
        {t('tally.rest')}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        <Numeral minWidth={64} textAlign="right" role="timer">
          {`${held.toFixed(runs ? 0 : 1)} s`}
        </Numeral>
        <Button
          label={t(runs ? 'tally.stop' : 'tally.begin')}
          says={`${t('tally.rest')}: ${t(runs ? 'tally.stop' : 'tally.begin')}`}
          chosen={runs}
          onPress={press}
        />
        {hold && !runs ? (
          <Button
            kind="quiet"
            tight
            small
            label={t('remove')}
            says={`${t('remove')}: ${t('tally.rest')}`}
            onPress={() => onChange((latest) => ({ ...latest, hold: null }))}
          />
        ) : null}
      </View>
    </View>
  );
}
