import { call } from '../data/api';
import { confirming } from '../data/confirming';
import { useCoach } from '../data/session';
import { useServerAsk } from '../data/useServerAsk';
import { useStore } from '../device/store';
import { OneField } from '../ui/OneField';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { problemWords } from '../data/problemWords';
import { useText } from '../words/useText';

/** Asks for the password again before something that cannot be undone. */
export function ConfirmSheet() {
  const t = useText();
  const isAsked = useStore(confirming) !== null;
  return (
    <Sheet title={t('confirm.title')} open={isAsked} onClose={() => confirming.end(false)}>
      <Words>{t('confirm.words')}</Words>
      <ConfirmForm />
    </Sheet>
  );
}

function ConfirmForm() {
  const t = useText();
  const { coach } = useCoach();
  const giving = useServerAsk(
    (password: string) => call('POST', '/account/confirm', { password }),
    { onSuccess: () => confirming.end(true) },
  );
  return (
    <OneField
      label={t('confirm.password')}
      type="password"
      autoComplete="current-password"
      problem={problemWords(giving.error, t) ?? undefined}
      main
      busy={giving.isPending}
      go={t('confirm.go')}
      onGo={giving.mutate}
    >
      {/* Whose password it is, for what keeps passwords. */}
      <input type="text" autoComplete="username" value={coach.email} readOnly hidden />
    </OneField>
  );
}
