import { View } from '@tamagui/core';
import { OwnSessions } from '../account/OwnSessions';
import { PasswordForm } from '../account/PasswordForm';
import { useCoach } from '../data/session';
import { Words } from '../ui/text';
import '../words/houseWords';
import { useText } from '../words/useText';
import { Header } from './Header';

/** A coach's own account: the password, and where they are signed in. */
export function AccountScreen() {
  const t = useText();
  const { coach } = useCoach();
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={coach.name} note={t('account.title')} back="/" />
      <View
        render="main"
        flex={1}
        minHeight={0}
        tabIndex={0}
        style={{ overflowY: 'auto' }}
        padding="$4"
        gap="$6"
        maxWidth={720}
      >
        <Words soft>{coach.email}</Words>
        <PasswordForm />
        <OwnSessions />
      </View>
    </View>
  );
}
