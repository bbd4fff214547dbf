import { QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { createQueryClient } from '../data/queryClient';
import { isNobodyRemembered, useSession } from '../data/session';
import { ComingBones } from './ComingBones';
import { CoachFrame, SignIn } from './lazyScreens';
import { Unreachable } from '../frame/Unreachable';

/** The coach's side of the app: who is signed in, and the door. */
export function CoachDoor({ children }: { children: ReactNode }) {
  const [queryClient] = useState(createQueryClient);
  return (
    <QueryClientProvider client={queryClient}>
      <Door>{children}</Door>
    </QueryClientProvider>
  );
}

function Door({ children }: { children: ReactNode }) {
  const session = useSession();
  if (session.isError) return <Unreachable onRetry={() => void session.refetch()} />;
  // Where nobody has signed in, the server is asked beside the page and not before it.
  if (session.isPending) return isNobodyRemembered() ? <SignIn /> : <ComingBones />;
  if (!session.data) return <SignIn />;
  return <CoachFrame session={session.data}>{children}</CoachFrame>;
}
