import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { followChanges } from '../data/changes/followChanges';
import { openedIfKept } from '../data/keeping';
import { keepQueries } from '../data/keepQueries';
import { openOutbox } from '../data/outbox';
import { expired, type Session } from '../data/session';
import { useStore } from '../device/store';
import { keepTroubles } from '../data/troubles';
import { LockScreen } from '../practice/lock/LockScreen';
import { useLock } from '../data/lock/useLock';
import { keepApp } from '../parts/keepApp';
import { whenIdle } from '../parts/whenIdle';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import '../words/coachWords';
import { useText } from '../words/useText';
import { ComingBones } from './ComingBones';
import { ConfirmSheet } from './ConfirmSheet';
import { KeepingNotice } from './KeepingNotice';
import { NewerVersion } from './NewerVersion';
import { SignInForm } from '../practice/welcome/SignInForm';
import { TroubleSheet } from './TroubleSheet';

/** Brings back what this coach has on the device; true once it is there. */
function useKept(coachId: string): boolean {
  const client = useQueryClient();
  const [ready, setReady] = useState<string | null>(null);
  useEffect(() => {
    let closers: (() => void)[] = [];
    let gone = false;
    void (async () => {
      closers = [
        await openedIfKept(() => keepTroubles(coachId)),
        await openedIfKept(() => keepQueries(client, coachId)),
        // What is in memory must not go out under somebody else's name, kept or not.
        await openedIfKept(
          () => openOutbox(client, coachId),
          () => client.getMutationCache().clear(),
        ),
        followChanges(client, coachId),
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

export interface CoachFrameProps {
  readonly session: Session;
  readonly children: ReactNode;
}

/** Round every screen of a signed-in coach: what this device keeps, and what has to be asked. */
export function CoachFrame({ session, children }: CoachFrameProps) {
  const { coach } = session;
  const isLocked = useLock(session);
  const isKept = useKept(coach.id);
  useEffect(() => whenIdle(keepApp), []);
  return (
    <>
      {isKept ? <Kept email={coach.email}>{children}</Kept> : isLocked ? null : <ComingBones />}
      {/* One and the same before and after: what is typed into it in the first moment stays there. */}
      {isLocked ? <LockScreen coach={coach} /> : null}
    </>
  );
}

/** Once it is back what this coach has on the device. */
function Kept({ email, children }: { readonly email: string; readonly children: ReactNode }) {
  const t = useText();
  const isExpired = useStore(expired);
  return (
    <>
      <View flex={1} minHeight={0}>
        {children}
      </View>
      <KeepingNotice />
      <NewerVersion />
      <TroubleSheet />
      <ConfirmSheet />
      <Sheet title={t('signIn.again')} open={isExpired} onClose={() => expired.set(false)}>
        <Words>{t('signIn.expired')}</Words>
        <SignInForm email={email} />
      </Sheet>
    </>
  );
}
