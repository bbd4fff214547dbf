import { asSentence } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { LadderDrawing } from './LadderDrawing';
import { LoadTodayWords } from './LoadTodayWords';
import type { ClimbedRung } from './useRungs';
import { WeightsThere } from './WeightsThere';
import { weightWords } from './weightWords';
import { ours } from '../../words/units';

export interface LadderPanelProps {
  readonly climbed: ClimbedRung;
  /** Id of the rung that is chosen instead. */
  readonly onRung: (rung: string) => void;
}

/** The ladder of a drill: where each side stands, the rung of today, and whether it is loaded. */
export function LadderPanel({ climbed: { ladder, today, kg }, onRung }: LadderPanelProps) {
  const t = useText();
  const [weights, setWeights] = useState(false);
  const { rung, place, standing, load } = today;
  const { rungs } = ladder;
  const go = (by: -1 | 1) => {
    const next = rungs[place + by];
    if (next) onRung(next.id);
  };
  return (
    <View gap="$3">
      <View flexDirection="row" gap="$3" alignItems="center">
        <LadderDrawing ladder={ladder} on={[{ side: standing.side, place }, ...today.others]} />
        <View flex={1} gap="$2">
          <Words bold>
            {t('ladder.now', { place: place + 1, of: rungs.length, name: rung.name })}
          </Words>
          {rung.weight && kg ? <Words>{weightWords(rung.weight, kg, t)}</Words> : null}
          {standing.waits && standing.side ? (
            <Words small>{t('ladder.waits', { side: t(standing.side) })}</Words>
          ) : null}
          {today.heldBack ? <Words accent>{t('ladder.heldBack')}</Words> : null}
          {today.heldBack && today.against ? (
            <Words small>{asSentence(ours(today.against))}</Words>
          ) : null}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button label={t('ladder.down')} off={place === 0} onPress={() => go(-1)} tight small />
            <Button
              label={t('ladder.up')}
              off={place === rungs.length - 1}
              onPress={() => go(1)}
              tight
              small
            />
          </View>
        </View>
      </View>
      <LoadTodayWords load={load} />
      <Button
        kind="quiet"
        left
        tight
        small
        label={t('ladder.there')}
        chosen={weights}
        onPress={() => setWeights(!weights)}
      />
      {weights ? <WeightsThere /> : null}
    </View>
  );
}
