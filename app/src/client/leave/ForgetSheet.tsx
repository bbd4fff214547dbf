import { useState } from 'react';
import { signOut, useCoach } from '../../data/session';
import { markToForget } from '../../data/toForget';
import { useUnsent } from '../../data/useFile';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Signs out of a device that is somebody else’s, and leaves nothing of any client on it. */
export function ForgetSheet({ onClose }: { onClose: () => void }) {
  const t = useText();
  const { coach } = useCoach();
  const unsent = useUnsent();
  const [going, setGoing] = useState(false);
  const forget = () => {
    setGoing(true);
    markToForget(coach.id);
    signOut();
    // Begun anew: what this page holds in memory would be put down again.
    window.location.replace('/');
  };
  return (
    <Sheet title={t('forget.title')} open onClose={onClose}>
      <Words>{t('forget.words')}</Words>
      {unsent > 0 ? (
        <Words accent role="alert">
          {t('forget.unsent', { count: unsent })}
        </Words>
      ) : null}
      <Button kind="main" label={t('forget.go')} off={going} onPress={forget} />
    </Sheet>
  );
}
