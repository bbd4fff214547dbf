import type { PersonShown } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { useCoach } from '../../data/session';
import { Button } from '../../ui/Button';
import { ListLine } from '../../ui/ListLine';
import { ProblemWords } from '../../frame/ProblemWords';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { InviteSheet } from './InviteSheet';
import { PersonSheet } from './PersonSheet';
import { usePeople } from '../../data/usePeople';

/** Who is of the practice, and as what; an owner invites and lets go. */
export function People() {
  const t = useText();
  const { data: people, error } = usePeople();
  const [inviting, setInviting] = useState(false);
  const [changed, setChanged] = useState<string | null>(null);
  const open = people?.find(({ id }) => id === changed);
  return (
    <View gap="$3">
      <Title aria-level={2}>{t('people.title')}</Title>
      <Words>{t('people.lead')}</Words>
      <ProblemWords of={people ? null : error} />
      {people?.map((person) => (
        <PersonLine key={person.id} person={person} onChange={() => setChanged(person.id)} />
      ))}
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Button label={t('people.invite')} onPress={() => setInviting(true)} />
        <Button label={t('deeds.open')} onPress={() => router.push('/deeds')} />
      </View>
      {inviting ? <InviteSheet onClose={() => setInviting(false)} /> : null}
      {open ? <PersonSheet person={open} onClose={() => setChanged(null)} /> : null}
    </View>
  );
}

function PersonLine({ person, onChange }: { person: PersonShown; onChange: () => void }) {
  const t = useText();
  const { coach } = useCoach();
  const { id, name, email, role, state } = person;
  const isMe = id === coach.id;
  const says = [t(`people.roles.${role}`), isMe ? t('people.you') : t(`people.states.${state}`)];
  return (
    <ListLine
      title={name}
      note={[...says.filter(Boolean), email].join(' · ')}
      faint={state === 'ended'}
    >
      {isMe ? null : (
        <Button
          tight
          label={t('people.change')}
          says={t('people.changeSays', { name })}
          onPress={onChange}
        />
      )}
    </ListLine>
  );
}
