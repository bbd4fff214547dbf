import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { DoorBones } from '../../bones/DoorBones';
import { Refused } from '../../data/api';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/text';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';
import '../../words/welcomeWords';
import { LinkPage } from './LinkPage';
import { NewPassword } from './NewPassword';
import { NoLink } from './NoLink';
import { useOpenedLink } from './useOpenedLink';

/** Where the first practice of a house is made, by the address that was told as it started. */
export function FoundingScreen() {
  const [client] = useState(() => new QueryClient());
  const [token] = useState(() => window.location.hash.slice(1));
  return (
    <QueryClientProvider client={client}>
      {token ? <Opened token={token} /> : <Gone />}
    </QueryClientProvider>
  );
}

function Gone() {
  const t = useText();
  return <NoLink title={t('welcome.foundGone')}>{t('welcome.foundAsk')}</NoLink>;
}

const NOTHING = { practice: '', name: '', email: '', password: '' };
type Said = typeof NOTHING;

function Opened({ token }: { token: string }) {
  const { shown, gone, error, busy, enter } = useOpenedLink<{ open: true }, Said>(
    '/founding',
    token,
  );
  if (gone) return <Gone />;
  if (!shown) return <DoorBones />;
  return <Form error={error} busy={busy} onGo={enter} />;
}

const FIELDS = [
  { name: 'practice', label: 'welcome.foundPractice', autoComplete: 'organization' },
  { name: 'name', label: 'welcome.foundName', autoComplete: 'name' },
  { name: 'email', label: 'welcome.foundEmail', autoComplete: 'username', type: 'email' },
] as const;

interface FormProps {
  readonly error: Error | null;
  readonly busy: boolean;
  readonly onGo: (said: Said) => void;
}

/** The server's word stands under the field it is about; under the password, where it is about none. */
function Form({ error, busy, onGo }: FormProps) {
  const t = useText();
  const [said, setSaid] = useState(NOTHING);
  const path = error instanceof Refused ? error.body.path : undefined;
  const words = problemWords(error, t);
  const isOfField = FIELDS.some(({ name }) => name === path);
  const set = (part: Partial<Said>) => setSaid((was) => ({ ...was, ...part }));
  return (
    <LinkPage title={t('welcome.found')}>
      <Words>{t('welcome.foundLead')}</Words>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          onGo(said);
        }}
      >
        <View gap="$3">
          {FIELDS.map(({ name, label, ...typed }) => (
            <Field
              key={name}
              {...typed}
              label={t(label)}
              value={said[name]}
              onChange={(value) => set({ [name]: value })}
              problem={path === name ? (words ?? undefined) : undefined}
            />
          ))}
          <NewPassword
            value={said.password}
            onChange={(password) => set({ password })}
            problem={isOfField ? null : words}
          />
          <Button kind="main" submits off={busy} label={t('welcome.foundGo')} />
        </View>
      </form>
    </LinkPage>
  );
}
