import type { KeeperShown } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach, useIsOwner } from '../../data/session';
import { Button } from '../../ui/Button';
import { ProblemWords } from '../../frame/ProblemWords';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { KeeperSheet } from './KeeperSheet';
import { useKeeping } from './useKeeping';

/** Who sees this client: every coach of the practice, or one of them and the owners. */
export function KeepingPanel({ clientId }: { clientId: string }) {
  const t = useText();
  const isOwner = useIsOwner();
  const { coach } = useCoach();
  const { keeper, problem, busy, keepTo } = useKeeping(clientId);
  const [choosing, setChoosing] = useState(false);
  if (keeper === undefined) return null;
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('seenBy.title')}
      </Title>
      <Words>{keeperWords(keeper, coach.id, t)}</Words>
      <View flexDirection="row">
        {isOwner ? (
          <Button tight label={t('seenBy.choose')} onPress={() => setChoosing(true)} />
        ) : (
          <Button
            tight
            label={t(keeper ? 'seenBy.open' : 'seenBy.mine')}
            off={busy}
            onPress={() => keepTo(keeper ? null : coach.id)}
          />
        )}
      </View>
      <ProblemWords of={problem} />
      {choosing ? (
        <KeeperSheet
          keeper={keeper}
          busy={busy}
          problem={problem}
          onKeepTo={keepTo}
          onClose={() => setChoosing(false)}
        />
      ) : null}
    </View>
  );
}

function keeperWords(
  keeper: KeeperShown | null,
  ownId: string,
  t: ReturnType<typeof useText>,
): string {
  if (!keeper) return t('seenBy.all');
  return keeper.id === ownId ? t('seenBy.you') : t('seenBy.one', { name: keeper.name });
}
