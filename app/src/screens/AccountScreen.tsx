import { NameForm } from '../account/NameForm';
import { OwnSessions } from '../account/OwnSessions';
import { Passkeys } from '../account/Passkeys';
import { PasswordForm } from '../account/PasswordForm';
import { DeviceCode } from '../account/DeviceCode';
import { SecondFactor } from '../account/SecondFactor';
import { useCoach } from '../data/session';
import { Words } from '../ui/text';
import '../words/houseWords';
import { useText } from '../words/useText';
import { PageFrame, WORDS_PAGE } from './PageFrame';

/** A coach's own account: the password, and where they are signed in. */
export function AccountScreen() {
  const t = useText();
  const { coach } = useCoach();
  return (
    <PageFrame title={coach.name} note={t('account.title')} back="/" page={WORDS_PAGE} forReading>
      <Words soft>{coach.email}</Words>
      <NameForm />
      <PasswordForm />
      <SecondFactor />
      <Passkeys />
      <DeviceCode />
      <OwnSessions />
    </PageFrame>
  );
}
