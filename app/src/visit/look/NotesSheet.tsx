import type { Phase } from '@taxikine/core/body/stance/patterns';
import { PHRASES } from '@taxikine/core/knowledge/phrases';
import type { LookNote } from '@taxikine/core/records/looks/lookRecord';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface NotesSheetProps {
  readonly notes: LookNote[];
  /** Where in the repetition the coach is looking. */
  readonly phase: Phase;
  readonly onChange: (notes: LookNote[]) => void;
  readonly onClose: () => void;
}

/** What coaches write down again and again, one tap each; the same again takes it back. */
export function NotesSheet({ notes, phase, onChange, onClose }: NotesSheetProps) {
  const t = useText();
  return (
    <Sheet title={t('notes.title')} open onClose={onClose}>
      <Words small soft>
        {t('notes.lead', { phase: t(`phases.${phase}`) })}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {PHRASES.map(({ id, words }) => {
          const isIt = (one: LookNote) => one.phrase === id && one.phase === phase;
          const on = notes.some(isIt);
          const note = { phrase: id, phase, on: new Date().toISOString() };
          return (
            <Button
              key={id}
              tight
              label={words}
              chosen={on}
              onPress={() => onChange(on ? notes.filter((one) => !isIt(one)) : [...notes, note])}
            />
          );
        })}
      </View>
      <Button kind="main" label={t('done')} onPress={onClose} />
    </Sheet>
  );
}
