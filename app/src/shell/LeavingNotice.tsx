import { useEffect } from 'react';
import { leaving, tellLeaving } from '../data/leaving';
import { useStore } from '../device/store';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

const AGAIN_MS = 4000;

/** At the door, while the server has not heard that the last coach left: said, and told as soon as it is there. */
export function LeavingNotice() {
  const t = useText();
  const stands = useStore(leaving);
  useEffect(() => {
    if (!stands) return;
    const tell = () => void tellLeaving();
    tell();
    const timer = setInterval(tell, AGAIN_MS);
    window.addEventListener('online', tell);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', tell);
    };
  }, [stands]);
  return stands ? (
    <Words small role="status">
      {t('signIn.leaving')}
    </Words>
  ) : null;
}
