import { painRule } from '@taxikine/core/inference/safety/painRule';
import {
  DOSE_DONE,
  WHY_NOT,
  type DoseDone,
  type WhyNot,
} from '@taxikine/core/records/homeEntries/homeEntry';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import type { Saying } from './doseSaid';

export interface SaySheetProps {
  readonly name: string;
  readonly begin: Partial<Saying>;
  readonly onSaid: (saying: Saying) => void;
  readonly onClose: () => void;
}

const SCORES = Array.from({ length: 11 }, (_, value) => ({ value, label: String(value) }));

/** What became of a dose, and whether it hurt. The rule that follows is told before it is taken. */
export function SaySheet({ name, begin, onSaid, onClose }: SaySheetProps) {
  const t = useText();
  const [done, setDone] = useState<DoseDone | null>(begin.done ?? null);
  const [why, setWhy] = useState<WhyNot | null>(begin.why ?? null);
  const [pain, setPain] = useState<number | null>(begin.pain ?? null);
  const [sharp, setSharp] = useState(begin.sharp ?? false);
  const rule = painRule(pain ?? 0, sharp ? 'sharp' : undefined);
  const stops = rule === 'stop' || sharp;
  const ready = done !== null && (done === 'not' || pain !== null);
  const say = () => {
    if (!done || !ready) return;
    onSaid({ done, why: done === 'done' ? null : why, pain, sharp });
    onClose();
  };
  return (
    <Sheet title={name} open onClose={onClose}>
      <Choice
        label={t('page.how')}
        options={DOSE_DONE.map((value) => ({ value, label: t(`page.done.${value}`) }))}
        value={done ?? undefined}
        onChange={setDone}
      />
      {done && done !== 'done' ? (
        <Choice
          label={t('page.why')}
          options={WHY_NOT.map((value) => ({ value, label: t(`page.whys.${value}`) }))}
          value={why ?? undefined}
          onChange={setWhy}
        />
      ) : null}
      {done ? (
        <>
          <Choice
            label={t('page.pain')}
            options={SCORES}
            value={pain ?? undefined}
            onChange={setPain}
          />
          <Button stretch label={t('page.sharp')} chosen={sharp} onPress={() => setSharp(!sharp)} />
        </>
      ) : null}
      {pain !== null || sharp ? (
        <Words bold role="status" accent={stops}>
          {t(`page.rule.${stops ? 'stop' : rule}`)}
        </Words>
      ) : null}
      <Button kind="main" stretch label={t('page.keep')} off={!ready} onPress={say} />
    </Sheet>
  );
}
