import type { SessionShown } from '@taxikine/core/records/wire/account';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { ProblemWords } from '../../frame/ProblemWords';
import { ListLine } from '../../ui/ListLine';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { when, whenAt } from '../../words/when';
import { useOwnSessions } from './useOwnSessions';

/** Where the coach is signed in; a lost phone is signed out from here. */
export function OwnSessions() {
  const t = useText();
  const { sessions, problem, busy, end, endOthers } = useOwnSessions();
  const others = sessions?.filter(({ here }) => !here) ?? [];
  return (
    <View gap="$3">
      <Title aria-level={2}>{t('account.sessions')}</Title>
      <Words>{t('account.sessionsWords')}</Words>
      <ProblemWords of={problem} />
      {sessions?.map((one) => (
        <OneSession key={one.id} one={one} busy={busy} onEnd={() => end(one.id)} />
      ))}
      {sessions && others.length === 0 ? <Words soft>{t('account.nowhereElse')}</Words> : null}
      {others.length > 1 ? (
        <View flexDirection="row">
          <Button label={t('account.endOthers')} off={busy} onPress={endOthers} />
        </View>
      ) : null}
    </View>
  );
}

interface OneSessionProps {
  readonly one: SessionShown;
  readonly busy: boolean;
  readonly onEnd: () => void;
}

function OneSession({ one: { device, begunOn, seenOn, here }, busy, onEnd }: OneSessionProps) {
  const t = useText();
  const name = device || t('account.unknown');
  const seen = whenAt(seenOn);
  return (
    <ListLine
      title={here ? `${name} · ${t('account.here')}` : name}
      note={t('account.seen', { seen, begun: when(begunOn) })}
    >
      {here ? null : (
        <Button
          label={t('account.end')}
          says={t('account.endSays', { device: name, seen })}
          off={busy}
          tight
          onPress={onEnd}
        />
      )}
    </ListLine>
  );
}
