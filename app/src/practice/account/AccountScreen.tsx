import { NameForm } from './NameForm';
import { OwnSessions } from './OwnSessions';
import { Passkeys } from './Passkeys';
import { PasswordForm } from './PasswordForm';
import { DeviceCode } from './DeviceCode';
import { SecondFactor } from './SecondFactor';
import { useCoach } from '../../data/session';
import { Words } from '../../ui/text';
import '../../words/houseWords';
import { useText } from '../../words/useText';
import { PageFrame, WORDS_PAGE } from '../../frame/PageFrame';

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
