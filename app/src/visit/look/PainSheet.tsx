import type { Phase } from '@taxikine/core/body/stance/patterns';
import { painRule } from '@taxikine/core/inference/safety/painRule';
import { PAIN_KINDS } from '@taxikine/core/records/case/caseFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { PlaceChoice, type Place } from '../steps/PlaceChoice';

type LookPain = LookRecord['pain'][number];

export interface PainSheetProps {
  readonly phase: Phase;
  readonly onSave: (pain: LookPain) => void;
  readonly onClose: () => void;
}

/** Where, which side, what kind, how much: and what it means, at once. */
export function PainSheet({ phase, onSave, onClose }: PainSheetProps) {
  const t = useText();
  const [place, setPlace] = useState<Place>({ region: 'knee', side: null });
  const [kind, setKind] = useState<LookPain['kind']>('ache');
  const [score, setScore] = useState<number | null>(null);
  return (
    <Sheet title={t('pain.title')} open onClose={onClose}>
      <PlaceChoice place={place} onChange={(next) => next && setPlace(next)} />
      <Choice
        label={t('pain.kind')}
        options={PAIN_KINDS.map((value) => ({ value, label: t(`pain.kinds.${value}`) }))}
        value={kind}
        onChange={setKind}
      />
      <Choice
        label={t('pain.score')}
        options={Array.from({ length: 11 }, (_, value) => ({ value, label: String(value) }))}
        value={score ?? undefined}
        onChange={setScore}
      />
      {score === null ? null : (
        <Words bold role="status">
          {t(`pain.rule.${painRule(score, kind)}`)} {score > 0 ? t('pain.asksAgain') : ''}
        </Words>
      )}
      <Button
        kind="main"
        label={t('pain.save')}
        off={score === null}
        onPress={() =>
          score !== null && onSave({ ...place, phase, score, kind, on: new Date().toISOString() })
        }
      />
    </Sheet>
  );
}
