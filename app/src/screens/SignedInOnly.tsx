import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { keepQueries } from '../data/keepQueries';
import { openOutbox } from '../data/outbox';
import { expired, useSession } from '../data/session';
import { useStore } from '../data/store';
import { keepTroubles } from '../data/troubles';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { SignInForm } from './SignInForm';
import { SignInScreen } from './SignInScreen';
import { Unreachable } from './Unreachable';
import { TroubleSheet } from './TroubleSheet';

/** Brings back what this coach has on the device; true once it is there. */
function useKept(coachId: string | null): boolean {
  const client = useQueryClient();
  const [ready, setReady] = useState<string | null>(null);
  useEffect(() => {
    if (!coachId) return;
    let closers: (() => void)[] = [];
    let gone = false;
    void (async () => {
      closers = [
        await keepTroubles(coachId),
        await keepQueries(client, coachId),
        await openOutbox(client, coachId),
      ];
      if (gone) closers.forEach((close) => close());
      else setReady(coachId);
    })();
    return () => {
      gone = true;
      closers.forEach((close) => close());
    };
  }, [client, coachId]);
  return ready === coachId;
}

/** The door: a sign-in page, or the app with everything kept on this device in place. */
export function SignedInOnly({ children }: { children: ReactNode }) {
  const t = useText();
  const session = useSession();
  const isExpired = useStore(expired);
  const ready = useKept(session.data?.coach.id ?? null);
  if (session.isError) return <Unreachable onRetry={() => void session.refetch()} />;
  if (session.isPending) return <Words padding="$5">{t('loading')}</Words>;
  if (!session.data) return <SignInScreen />;
  if (!ready) return <Words padding="$5">{t('loading')}</Words>;
  return (
    <>
      {children}
      <TroubleSheet />
      <Sheet title={t('signIn.again')} open={isExpired} onClose={() => expired.set(false)}>
        <Words>{t('signIn.expired')}</Words>
        <SignInForm email={session.data.coach.email} />
      </Sheet>
    </>
  );
}
