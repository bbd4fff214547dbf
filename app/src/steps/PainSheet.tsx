import type { Phase } from '@taxikine/core/knowledge/patterns';
import {
  AREAS,
  oneRegion,
  REGION_ROWS,
  type Area,
  type Region,
} from '@taxikine/core/knowledge/regions';
import { painRule } from '@taxikine/core/safety/painRule';
import type { MaybeSide } from '@taxikine/core/sides/side';
import { PAIN_KINDS } from '@taxikine/core/trace/caseFile';
import type { LookRecord } from '@taxikine/core/visit/records';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

type LookPain = LookRecord['pain'][number];

export interface PainSheetProps {
  readonly phase: Phase;
  readonly onSave: (pain: LookPain) => void;
  readonly onClose: () => void;
}

const regionsIn = (area: Area): Region[] =>
  REGION_ROWS.filter((row) => row.area === area).map(({ id }) => id);

/** Where, which side, what kind, how much: and what it means, at once. */
export function PainSheet({ phase, onSave, onClose }: PainSheetProps) {
  const t = useText();
  const [region, setRegion] = useState<Region>('knee');
  const [side, setSide] = useState<MaybeSide>(null);
  const [kind, setKind] = useState<LookPain['kind']>('ache');
  const [score, setScore] = useState<number | null>(null);
  const { area } = oneRegion(region);
  const sides = [
    { value: 'left' as const, label: t('left') },
    { value: null, label: t('pain.middle') },
    { value: 'right' as const, label: t('right') },
  ];
  return (
    <Sheet title={t('pain.title')} open onClose={onClose}>
      <Choice
        label={t('pain.where')}
        options={AREAS.map((value) => ({ value, label: t(`areas.${value}`) }))}
        value={area}
        onChange={(next) => setRegion(regionsIn(next)[0])}
      />
      <Choice
        label={t('pain.place')}
        options={regionsIn(area).map((value) => ({ value, label: t(`regions.${value}`) }))}
        value={region}
        onChange={setRegion}
      />
      <Choice label={t('pain.side')} options={sides} value={side} onChange={setSide} />
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
          score !== null &&
          onSave({ region, side, phase, score, kind, on: new Date().toISOString() })
        }
      />
    </Sheet>
  );
}
