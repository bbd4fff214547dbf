import type { Role } from '@taxikine/core/records/wire/people';
import type { ConsentWording, PracticeSettings } from '@taxikine/core/records/wire/settings';
import { useQuery, type QueryClient } from '@tanstack/react-query';
import { call, Refused } from './api';
import { inTurn, isLeaving, leave, tellNow } from './leaving';
import { unlock } from './lock/locked';
import { takeWays } from '../words/ways';
import { createStore } from '../device/store';

export interface Session {
  readonly coach: {
    readonly id: string;
    readonly name: string;
    readonly email: string;
    readonly role: Role;
  };
  readonly practice: PracticeSettings & {
    readonly id: string;
    /** What clients are asked to agree to; null where the practice has not worded it. */
    readonly wording: ConsentWording | null;
  };
}

export const SESSION_KEY = ['session'] as const;

const REMEMBERED = 'taxikine/session';

/** Where the browser keeps nothing, this tab remembers. */
let inThisTab: Session | null = null;

/** Who was signed in on this device, so that the app opens without a server. */
function remembered(): Session | null {
  try {
    return JSON.parse(localStorage.getItem(REMEMBERED) ?? 'null') as Session | null;
  } catch {
    return inThisTab;
  }
}

/** The coach who was signed in on this device last, and has not signed out. */
export const rememberedCoachId = (): string | null => remembered()?.coach.id ?? null;

/** Nobody has signed in on this device, or the last one has signed out. */
export const isNobodyRemembered = (): boolean => remembered() === null;

export function remember(session: Session | null): void {
  inThisTab = session;
  if (session) takeWays(session.practice);
  try {
    if (session) localStorage.setItem(REMEMBERED, JSON.stringify(session));
    else localStorage.removeItem(REMEMBERED);
  } catch (error) {
    console.warn('not remembered', error);
  }
}

/** True while the server has turned us away in the middle of something: ask to sign in again. */
export const expired = createStore(false);

async function fetchSession(): Promise<Session | null> {
  // Whoever left is not let in by a cookie that the server would still take.
  if (isLeaving()) return null;
  try {
    const session = await call<Session>('GET', '/session');
    remember(session);
    return session;
  } catch (error) {
    if (error instanceof Refused && error.status === 401) {
      const was = remembered();
      if (was) expired.set(true);
      return was;
    }
    const known = remembered();
    if (known) return known;
    throw error;
  }
}

/** Who is signed in; `null` when nobody is. Without a server: who was. */
export const useSession = () =>
  useQuery({
    queryKey: SESSION_KEY,
    queryFn: async () => {
      const session = await fetchSession();
      // Before anything is drawn that says a length, a day or a week; without a server too.
      if (session) takeWays(session.practice);
      return session;
    },
    staleTime: Infinity,
    networkMode: 'always',
  });

/** The coach behind a screen that only signed-in coaches see; drawn anew when they or the practice change. */
export function useCoach(): Session {
  const { data: session } = useSession();
  if (!session) throw new Error('this screen needs a signed-in coach');
  return session;
}

interface Waiting {
  readonly coachId: string;
  readonly go: () => void;
}

const waiting = new Set<Waiting>();

/** Resolves when this coach has signed in again; another coach's signing in leaves it waiting. */
export function signedInAgain(coachId: string): Promise<void> {
  expired.set(true);
  return new Promise((go) => waiting.add({ coachId, go }));
}

/** Resolves at once while this coach is the one signed in here; otherwise when they are again. */
export function turnOf(coachId: string): Promise<void> {
  if (remembered()?.coach.id === coachId) return Promise.resolve();
  return new Promise((go) => waiting.add({ coachId, go }));
}

/** Whoever left before is told of first: their session does not stay behind the new one. */
const opened = <S>(ask: () => Promise<S>): Promise<S> =>
  inTurn(async () => {
    await tellNow();
    return ask();
  });

/** Goes in with what the server is asked for; null when it lets in only by the door. */
export async function enterBy<S extends Session | null>(ask: () => Promise<S>): Promise<S> {
  const session = await opened(ask);
  if (!session) return session;
  remember(session);
  unlock();
  expired.set(false);
  for (const one of waiting) if (one.coachId === session.coach.id) one.go();
  waiting.clear();
  return session;
}

/** What is typed at the door; the code only where one is asked for. */
export interface AtDoor {
  readonly email: string;
  readonly password: string;
  readonly code?: string;
}

export const signIn = (said: AtDoor): Promise<Session> =>
  enterBy(() => call<Session>('POST', '/session', said));

function takeOver(client: QueryClient, change: (was: Session) => Session): void {
  const session = client.getQueryData<Session>(SESSION_KEY);
  if (!session) return;
  const next = change(session);
  client.setQueryData(SESSION_KEY, next);
  remember(next);
}

/** What an owner has decided since, as whoever signs in is told of it. */
export const takeSettings = (client: QueryClient, settings: PracticeSettings): void =>
  takeOver(client, (was) => ({ ...was, practice: { ...was.practice, ...settings } }));

export const takeWording = (client: QueryClient, wording: ConsentWording): void =>
  takeOver(client, (was) => ({ ...was, practice: { ...was.practice, wording } }));

/** What a coach is called since. */
export const takeName = (client: QueryClient, name: string): void =>
  takeOver(client, (was) => ({ ...was, coach: { ...was.coach, name } }));

/** Whether who is signed in owns the practice; what only an owner does, the server lets nobody else do. */
export const useIsOwner = (): boolean => useCoach().coach.role === 'owner';

/** Signs out on this device at once; the server hears of it now, or as soon as it is there. */
export function signOut(): void {
  void leave();
  remember(null);
}
