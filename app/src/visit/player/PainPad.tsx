import { painRule } from '@taxikine/core/inference/safety/painRule';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { SaidPain } from './playerOf';

export interface PainPadProps {
  readonly easier: string;
  readonly onSaid: (pain: SaidPain) => void;
  readonly onClose: () => void;
}

const SCORES = Array.from({ length: 11 }, (_, value) => ({ value, label: String(value) }));

/** How much, and of what kind; the rule that follows is told before it is taken. */
export function PainPad({ easier, onSaid, onClose }: PainPadProps) {
  const t = useText();
  const [score, setScore] = useState<number | null>(null);
  const [sharp, setSharp] = useState(false);
  const kind = sharp ? 'sharp' : undefined;
  const rule = score === null ? null : painRule(score, kind);
  return (
    <Sheet title={t('player.painTitle')} open onClose={onClose}>
      <Choice
        label={t('player.painScore')}
        options={SCORES}
        value={score ?? undefined}
        onChange={setScore}
      />
      <Button
        label={t('player.painSharp')}
        chosen={sharp}
        onPress={() => setSharp(!sharp)}
        stretch
      />
      {rule ? (
        <View role="status" gap="$1">
          <Words bold accent={rule === 'stop'}>
            {t(`player.rule.${rule}`)}
          </Words>
          {rule === 'easier' ? <Words>{easier}</Words> : null}
          {score! > 0 ? (
            <Words small soft>
              {t('player.asksAgain')}
            </Words>
          ) : null}
        </View>
      ) : null}
      <Button
        kind="main"
        label={t(rule === 'stop' ? 'player.stop' : 'player.painSay')}
        off={score === null}
        onPress={() => {
          if (score === null) return;
          onSaid({ score, kind });
          onClose();
        }}
        stretch
      />
    </Sheet>
  );
}
