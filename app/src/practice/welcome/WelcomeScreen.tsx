import type { WelcomeShown } from '@taxikine/core/records/wire/people';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { DoorBones } from '../../bones/DoorBones';
import { problemWords } from '../../data/problemWords';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import '../../words/welcomeWords';
import { LinkPage } from './LinkPage';
import { NewPassword } from './NewPassword';
import { NoLink } from './NoLink';
import { useOpenedLink } from './useOpenedLink';

/** Where a link leads by which a password is chosen: the first one, or another. */
export function WelcomeScreen() {
  const t = useText();
  const [client] = useState(() => new QueryClient());
  const [token] = useState(() => window.location.hash.slice(1));
  return (
    <QueryClientProvider client={client}>
      {token ? (
        <Opened token={token} />
      ) : (
        <NoLink title={t('welcome.none')}>{t('welcome.ask')}</NoLink>
      )}
    </QueryClientProvider>
  );
}

function Opened({ token }: { token: string }) {
  const t = useText();
  const { shown, gone, error, busy, enter } = useOpenedLink<WelcomeShown, { password: string }>(
    '/welcome',
    token,
  );
  if (gone) return <NoLink title={t('welcome.gone')}>{t('welcome.ask')}</NoLink>;
  if (!shown) return <DoorBones />;
  return (
    <Choosing
      shown={shown}
      problem={problemWords(error, t)}
      busy={busy}
      onChoose={(password) => enter({ password })}
    />
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
  const { purpose, email } = shown;
  return (
    <LinkPage title={t(`welcome.${purpose}`, { ...shown })}>
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
          <NewPassword value={password} onChange={setPassword} problem={problem} />
          <Button kind="main" submits off={busy} label={t('welcome.go')} />
        </View>
      </form>
    </LinkPage>
  );
}
