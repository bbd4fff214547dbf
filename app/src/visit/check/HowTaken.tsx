import { CHEATS, CHECK_GUIDES } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId, CheckRow } from '@taxikine/core/knowledge/checks';
import { rollOf } from '@taxikine/core/knowledge/roll';
import { painRule } from '@taxikine/core/inference/safety/painRule';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { toggled, withCheat, type CheckChange } from './checkRecords';

export interface HowTakenProps {
  readonly row: CheckRow;
  readonly record: CheckRecord;
  readonly where: string;
  readonly onChange: (change: CheckChange) => void;
}

/** What else was seen while one side was taken: cheating, a pelvis that was held, a pinch, pain. */
export function HowTaken({ row, record, where, onChange }: HowTakenProps) {
  const t = useText();
  const { cheats } = CHECK_GUIDES[row.id as CheckId];
  const score = record.pain?.score;
  const rule = score ? painRule(score) : null;
  const onPain = (next: number) =>
    onChange((latest) => ({
      ...latest,
      pain: next === latest.pain?.score ? null : { score: next, on: new Date().toISOString() },
    }));
  return (
    <>
      {cheats.length > 0 ? (
        <View role="group" aria-label={`${t('guide.cheats')}: ${where}`} gap="$1">
          <Words small soft>
            {t('guide.cheats')}
          </Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {CHEATS.filter(({ id }) => cheats.includes(id)).map(({ id, name }) => {
              const on = record.cheats.includes(id);
              return (
                <Button
                  key={id}
                  tight
                  small
                  label={name}
                  says={`${where}: ${name}`}
                  chosen={on}
                  onPress={() => onChange((latest) => withCheat(latest, id, !on))}
                />
              );
            })}
          </View>
        </View>
      ) : null}
      {rollOf(row.id) ? (
        <Choice
          label={`${t('guide.pelvis')}: ${where}`}
          options={[
            { value: false, label: t('guide.rolls') },
            { value: true, label: t('guide.isHeld') },
          ]}
          value={record.held}
          onChange={(held) => onChange((latest) => ({ ...latest, held }))}
        />
      ) : null}
      {row.asksPinch ? (
        <Choice
          label={`${t('check.pinch')}: ${where}`}
          options={[
            { value: true, label: t('check.yes') },
            { value: false, label: t('check.no') },
          ]}
          value={record.pinch ?? undefined}
          onChange={(pinch) => onChange((latest) => toggled(latest, 'pinch', pinch))}
        />
      ) : null}
      <Choice
        label={`${t('guide.pain')}: ${where}`}
        options={PAINS.map((value) => ({
          value,
          label: value === 0 ? t('guide.noPain') : String(value),
        }))}
        value={score}
        onChange={onPain}
      />
      {rule ? (
        <Words small bold accent={rule === 'stop'} role="status">
          {t(`pain.rule.${rule}`)} {t('guide.asksAgain')}
        </Words>
      ) : null}
    </>
  );
}

const PAINS = Array.from({ length: 11 }, (_, value) => value);
