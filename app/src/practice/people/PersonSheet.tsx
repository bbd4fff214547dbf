import { ROLES, type PersonShown } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { ProblemWords } from '../../frame/ProblemWords';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { EndPerson } from './EndPerson';
import { InvitationLink } from './InvitationLink';
import { useChangePerson, useDropFactor, useInviteAgain } from '../../data/usePeople';

export interface PersonSheetProps {
  readonly person: PersonShown;
  readonly onClose: () => void;
}

/** What an owner changes about somebody: as what they are here, and whether they are let in. */
export function PersonSheet({ person, onClose }: PersonSheetProps) {
  const t = useText();
  const { id, name, email, role, state, hasFactor } = person;
  const change = useChangePerson(id);
  const again = useInviteAgain(id);
  const dropping = useDropFactor(id);
  const ended = state === 'ended';
  return (
    <Sheet title={name} open onClose={onClose}>
      <View gap="$4">
        <Words soft>{[email, t(`people.states.${state}`)].filter(Boolean).join(' · ')}</Words>
        <Choice
          label={t('people.roleLabel')}
          options={ROLES.map((value) => ({ value, label: t(`people.roles.${value}`) }))}
          value={role}
          onChange={(next) => change.mutate({ role: next, ended })}
        />
        {state === 'invited' ? (
          <Button label={t('people.again')} onPress={() => again.mutate()} />
        ) : null}
        {again.data ? <InvitationLink name={name} token={again.data.token} /> : null}
        {hasFactor ? (
          <View gap="$2">
            <Button
              label={t('people.dropFactor')}
              off={dropping.isPending}
              onPress={() => dropping.mutate()}
            />
            <Words small soft>
              {t('people.dropFactorHint')}
            </Words>
          </View>
        ) : null}
        <EndPerson
          person={person}
          busy={change.isPending}
          onEnd={(handTo) => change.mutate({ role, ended: true, handTo })}
          onComeBack={() => change.mutate({ role, ended: false })}
        />
        <ProblemWords of={change.error ?? again.error ?? dropping.error} />
      </View>
    </Sheet>
  );
}
