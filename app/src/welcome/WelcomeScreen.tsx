import type { WelcomeShown } from '@taxikine/core/contract/people';
import { LEAST_PASSWORD } from '@taxikine/core/contract/account';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState, type ReactNode } from 'react';
import { DoorBones } from '../bones/DoorBones';
import { problemWords } from '../words/problemWords';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import '../words/welcomeWords';
import { useWelcome } from './useWelcome';

/** Where a link leads by which a password is chosen: the first one, or another. */
export function WelcomeScreen() {
  const t = useText();
  const [client] = useState(() => new QueryClient());
  const [token] = useState(() => window.location.hash.slice(1));
  return (
    <QueryClientProvider client={client}>
      {token ? <Opened token={token} /> : <Plain title={t('welcome.none')} />}
    </QueryClientProvider>
  );
}

function Opened({ token }: { token: string }) {
  const t = useText();
  const { shown, gone, error, busy, choose } = useWelcome(token);
  if (gone) return <Plain title={t('welcome.gone')} />;
  if (!shown) return <DoorBones />;
  return <Choosing shown={shown} problem={problemWords(error, t)} busy={busy} onChoose={choose} />;
}

function Page({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View
      render="main"
      padding="$5"
      gap="$4"
      width="100%"
      maxWidth={460}
      alignSelf="center"
      marginVertical="auto"
    >
      <Title big aria-level={1}>
        {title}
      </Title>
      {children}
    </View>
  );
}

function Plain({ title }: { title: string }) {
  const t = useText();
  return (
    <Page title={title}>
      <Words>{t('welcome.ask')}</Words>
      <View flexDirection="row">
        <Button label={t('welcome.toDoor')} onPress={() => window.location.replace('/')} />
      </View>
    </Page>
  );
}

interface ChoosingProps {
  readonly shown: WelcomeShown;
  readonly problem: string | null;
  readonly busy: boolean;
  readonly onChoose: (password: string) => void;
}

function Choosing({ shown, problem, busy, onChoose }: ChoosingProps) {
  const t = useText();
  const [password, setPassword] = useState('');
  const [visible, setVisible] = useState(false);
  const { purpose, email } = shown;
  return (
    <Page title={t(`welcome.${purpose}`, { ...shown })}>
      <Words>{t(`welcome.${purpose}Lead`, { ...shown })}</Words>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          onChoose(password);
        }}
      >
        <View gap="$3">
          {/* Whose password it is, for what keeps passwords. */}
          <input type="text" autoComplete="username" value={email} readOnly hidden />
          <Field
            label={t('welcome.password')}
            type={visible ? 'text' : 'password'}
            autoComplete="new-password"
            value={password}
            onChange={setPassword}
            problem={problem ?? undefined}
            hint={t('welcome.hint', { least: LEAST_PASSWORD })}
          />
          <Button kind="main" submits off={busy} label={t('welcome.go')} />
          <Button
            kind="quiet"
            label={t(visible ? 'welcome.hide' : 'welcome.show')}
            onPress={() => setVisible(!visible)}
          />
        </View>
      </form>
    </Page>
  );
}
