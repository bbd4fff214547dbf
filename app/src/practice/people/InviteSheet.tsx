import { ROLES } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Refused } from '../../data/api';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { InvitationLink } from './InvitationLink';
import { problemWords } from '../../data/problemWords';
import { useInvite, type NewPerson } from '../../data/usePeople';

const NOBODY: NewPerson = { name: '', email: '', role: 'coach' };

/** Who is to come, and then the link to give them. */
export function InviteSheet({ onClose }: { onClose: () => void }) {
  const t = useText();
  const [person, setPerson] = useState(NOBODY);
  const invite = useInvite();
  const set = (part: Partial<NewPerson>) => setPerson((was) => ({ ...was, ...part }));
  const go = () => {
    if (!invite.isPending) invite.mutate(person);
  };
  return (
    <Sheet title={t('people.invite')} open onClose={onClose}>
      {invite.data ? (
        <View gap="$4">
          <InvitationLink name={person.name} token={invite.data.token} />
          <Button kind="main" label={t('people.done')} onPress={onClose} />
        </View>
      ) : (
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            go();
          }}
        >
          <View gap="$3">
            <PersonFields person={person} problem={invite.error} onChange={set} />
            <Button kind="main" submits off={invite.isPending} label={t('people.make')} />
          </View>
        </form>
      )}
    </Sheet>
  );
}

interface PersonFieldsProps {
  readonly person: NewPerson;
  readonly problem: Error | null;
  readonly onChange: (part: Partial<NewPerson>) => void;
}

const FIELDS = ['name', 'email'] as const;

/** The server's word stands under the field it is about. */
function PersonFields({ person, problem, onChange }: PersonFieldsProps) {
  const t = useText();
  const path = problem instanceof Refused ? problem.body.path : undefined;
  const said = problemWords(problem, t);
  const isOfField = FIELDS.some((name) => name === path);
  return (
    <>
      {FIELDS.map((name) => (
        <Field
          key={name}
          label={t(`people.${name}`)}
          type={name === 'email' ? 'email' : 'text'}
          autoComplete="off"
          value={person[name]}
          onChange={(value) => onChange({ [name]: value })}
          problem={path === name ? (said ?? undefined) : undefined}
        />
      ))}
      <Choice
        label={t('people.roleLabel')}
        options={ROLES.map((value) => ({ value, label: t(`people.roles.${value}`) }))}
        value={person.role}
        onChange={(role) => onChange({ role })}
      />
      {said && !isOfField ? (
        <Words accent role="alert">
          {said}
        </Words>
      ) : null}
    </>
  );
}
