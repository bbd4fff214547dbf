import { NOT_YET } from '@taxikine/core/knowledge/notYet';
import { oneReferQuestion } from '@taxikine/core/knowledge/refer';
import type { OpenVisit } from '../../data/useVisit';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Many } from '../../ui/Many';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { PlaceChoice } from './PlaceChoice';
import { useClearing, type Cleared } from './useClearing';

interface ClearSheetProps {
  readonly open: OpenVisit;
  readonly cleared: Cleared;
  readonly onClose: () => void;
}

/** A clinician's word: who, when, for what, and what not yet. */
export function ClearSheet({ open, cleared, onClose }: ClearSheetProps) {
  const t = useText();
  const { typed, problems, type, toggle, save } = useClearing(open, cleared);
  return (
    <Sheet title={t('ask.clear')} open onClose={onClose}>
      <Words>{oneReferQuestion(cleared.question).question}</Words>
      <Field
        label={t('ask.clearedBy')}
        value={typed.by}
        onChange={(by) => type({ by })}
        problem={problems.by}
      />
      <Field
        label={t('ask.clearedOn')}
        value={typed.on}
        onChange={(on) => type({ on })}
        problem={problems.on}
      />
      <Field
        label={t('ask.clearedFor')}
        value={typed.scope}
        onChange={(scope) => type({ scope })}
        problem={problems.scope}
      />
      <Many
        label={t('ask.notYet')}
        options={NOT_YET.map(({ id }) => ({ value: id, label: t(`ask.notYetIds.${id}`) }))}
        values={typed.not}
        onToggle={toggle}
      />
      {typed.not.length > 0 ? (
        <PlaceChoice
          place={typed.place}
          everywhere={t('ask.everywhere')}
          onChange={(place) => type({ place })}
        />
      ) : null}
      <Button kind="main" label={t('ask.clearSave')} onPress={() => save() && onClose()} />
    </Sheet>
  );
}
