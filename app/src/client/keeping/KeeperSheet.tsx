import type { KeeperShown } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { usePeople } from '../../data/usePeople';
import { Button } from '../../ui/Button';
import { ProblemWords } from '../../frame/ProblemWords';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface KeeperSheetProps {
  readonly keeper: KeeperShown | null;
  readonly busy: boolean;
  readonly problem: Error | null;
  readonly onKeepTo: (coachId: string | null) => void;
  readonly onClose: () => void;
}

/** An owner says who sees a client: all, or one of those who are of the practice. */
export function KeeperSheet({ keeper, busy, problem, onKeepTo, onClose }: KeeperSheetProps) {
  const t = useText();
  const { data: people, error } = usePeople();
  const here = people?.filter(({ state }) => state !== 'ended') ?? [];
  const choices = [
    { id: null, name: t('seenBy.everybody') },
    ...here.map(({ id, name }) => ({ id, name: t('seenBy.only', { name }) })),
  ];
  return (
    <Sheet title={t('seenBy.title')} open onClose={onClose}>
      <Words>{t('seenBy.lead')}</Words>
      <View gap="$2">
        {choices.map(({ id, name }) => (
          <Button
            key={id ?? 'all'}
            left
            label={name}
            chosen={(keeper?.id ?? null) === id}
            off={busy}
            onPress={() => onKeepTo(id)}
          />
        ))}
      </View>
      <ProblemWords of={problem ?? (people ? null : error)} />
    </Sheet>
  );
}
