import { oneFault } from '@taxikine/core/knowledge/faults';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { unitSign } from '@taxikine/core/foundation/words/units';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Sheet } from '../../ui/Sheet';
import { Stepper } from '../../ui/Stepper';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface FaultSheetProps {
  readonly fault: SeenFault;
  readonly onGrade: (grade: SeenFault['grade']) => void;
  readonly onValue: (value: number) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

/** Number, grade and undo of one fault. */
export function FaultSheet({ fault, onGrade, onValue, onRemove, onClose }: FaultSheetProps) {
  const t = useText();
  const row = oneFault(fault.fault);
  return (
    <Sheet title={fillSide(row.sentence, fault.side)} open onClose={onClose}>
      <Words soft>{row.cue}</Words>
      <Choice
        label={t('look.value')}
        options={(['slight', 'plain', 'marked'] as const).map((value) => ({
          value,
          label: t(`grades.${value}`),
        }))}
        value={fault.grade}
        onChange={onGrade}
      />
      {row.unit ? (
        <Stepper
          label={t('look.number')}
          value={fault.value ?? null}
          from={row.unit === 'deg' ? 15 : 20}
          unit={unitSign(row.unit)}
          least={row.least ?? 0}
          most={row.most}
          step={row.unit === 'deg' ? 1 : 2}
          onChange={onValue}
        />
      ) : null}
      <Button label={t('remove')} onPress={onRemove} />
      <Button kind="main" label={t('done')} onPress={onClose} />
    </Sheet>
  );
}
