import { FAULT_LEVELS, oneFault } from '@taxikine/core/knowledge/faults';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { RATINGS, type LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { levelIn } from '@taxikine/core/inference/visit/verdicts';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { unitSign, withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { useUpdate } from '../../data/useFile';
import { Figure } from '../../figure/Figure';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { checksToRepeat, newAgain, regrade, revalue } from '../look/againLook';
import { CheckCard } from '../check/CheckCard';
import type { LookChange } from '../look/lookState';
import { setupWords } from './setupWords';
import { StepFrame } from '../../ui/StepFrame';
import type { StepProps } from './StepProps';
import { ours } from '../../words/units';

/** Same pattern, same set-up: each fault re-graded in one tap, each range taken again. */
export function AgainStep({ open, onStep, wide, width }: StepProps) {
  const t = useText();
  const update = useUpdate();
  const { first, again } = open.visit;
  const { pattern } = open.visit.visit;
  if (!first)
    return (
      <StepFrame
        title={t('again.title')}
        lead={t('verdict.nothing')}
        foot={
          <Button kind="main" flex={1} label={t('steps.look')} onPress={() => onStep('look')} />
        }
      >
        {null}
      </StepFrame>
    );
  // Begun by the first tap, so that only looking at the page writes nothing.
  const current = again ?? newAgain(first);
  const change = (next: LookChange) => update('looks', current, next);
  const todo = first.faults.filter((fault) => levelIn(again, fault) === null).length;
  const repeats = checksToRepeat(open.visit);
  return (
    <StepFrame
      title={t('again.title')}
      lead={t('again.lead')}
      foot={
        <Button
          kind="main"
          flex={1}
          label={t('again.go')}
          note={todo > 0 ? t('again.todo', { count: todo }) : undefined}
          onPress={() => onStep('verdict')}
        />
      }
    >
      <View flexDirection="row" gap="$3" alignItems="center">
        <Figure
          client={open.visit.client}
          setup={first.setup}
          moment={{ pattern, phase: 'bottom', faults: current.faults }}
          view={pattern === 'squat' ? 'back' : 'side'}
          width={96}
          height={120}
          label={setupWords(first.setup, t)}
        />
        <View flex={1}>
          <Words bold>{t('visit.locked')}</Words>
          <Words small soft>
            {setupWords(first.setup, t)}
          </Words>
        </View>
      </View>
      {first.faults.length > 0 ? (
        <View gap="$4">
          <Title small aria-level={3}>
            {t('again.faults')}
          </Title>
          {first.faults.map((fault) => (
            <Regrade key={faultKey(fault)} before={fault} again={again} onChange={change} />
          ))}
        </View>
      ) : null}
      {repeats.length > 0 ? (
        <View gap="$4">
          <Title small aria-level={3}>
            {t('again.checks')}
          </Title>
          {repeats.map(({ row, side }) => (
            <View
              key={`${row.id}${side}`}
              borderTopWidth={1}
              borderColor="$rule"
              paddingTop="$2"
              gap="$2"
            >
              <Words bold>{row.name}</Words>
              <CheckCard
                row={row}
                visit={open.visit}
                role="again"
                width={wide ? 420 : width - 40}
                sides={[side]}
              />
            </View>
          ))}
        </View>
      ) : null}
      <Choice
        label={t('look.rating')}
        options={RATINGS.map((value) => ({ value, label: t(`look.ratings.${value}`) }))}
        value={again?.rating ?? undefined}
        onChange={(rating) => change((latest) => ({ ...latest, rating }))}
      />
    </StepFrame>
  );
}

interface RegradeProps {
  readonly before: SeenFault;
  readonly again: LookRecord | null;
  readonly onChange: (change: LookChange) => void;
}

function Regrade({ before, again, onChange }: RegradeProps) {
  const t = useText();
  const row = oneFault(before.fault);
  const sentence = fillSide(row.sentence, before.side);
  const level = levelIn(again, before);
  const now = again?.faults.find((one) => faultKey(one) === faultKey(before));
  const number =
    before.value !== undefined && row.unit ? `, ${ours(withUnit(before.value, row.unit))}` : '';
  return (
    <View gap="$2" borderTopWidth={1} borderColor="$rule" paddingTop="$2">
      <Words bold>{sentence}</Words>
      <Words small soft>
        {t('again.before', { what: `${t(`grades.${before.grade}`)}${number}` })}
      </Words>
      <Choice
        hideLabel
        label={t('again.gradeNow', { fault: sentence })}
        options={FAULT_LEVELS.map((value) => ({ value, label: t(`grades.${value}`) }))}
        value={level ?? undefined}
        onChange={(value) => onChange((latest) => regrade(latest, before, value))}
      />
      {before.value !== undefined && row.unit && level !== null && level !== 'clear' ? (
        <Stepper
          label={t('again.gradeNow', { fault: sentence })}
          value={now?.value ?? null}
          from={before.value}
          unit={unitSign(row.unit)}
          least={row.least ?? 0}
          most={row.most}
          step={row.unit === 'deg' ? 1 : 2}
          onChange={(value) => onChange((latest) => revalue(latest, before, value))}
        />
      ) : null}
    </View>
  );
}
