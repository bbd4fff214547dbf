import { get, set } from 'idb-keyval';
import { noteKeeping } from './keeping';
import { createStore } from '../device/store';
import type { Write } from './writes';

/** A write that the server did not take, or broke over: the coach decides. Kept over a reload. */
export interface Trouble {
  readonly write: Write;
  readonly message: string;
  readonly hint?: string;
  /** The other version, when this is a conflict. */
  readonly theirs: ({ id: string; version: number } & Record<string, unknown>) | null;
  /** The server broke over it again and again: set aside, so that the rest goes on. It may be sent again. */
  readonly setAside?: boolean;
}

export const troubles = createStore<readonly Trouble[]>([]);

export const troublesKey = (coachId: string) => `taxikine/troubles/${coachId}`;

/** Keeps the list in IndexedDB for this coach; returns when what was kept is back. */
export async function keepTroubles(coachId: string): Promise<() => void> {
  troubles.set((await get<Trouble[]>(troublesKey(coachId))) ?? []);
  return troubles.subscribe(() => void noteKeeping(set(troublesKey(coachId), troubles.get())));
}

export const troubleOf = (recordId: string): Trouble | undefined =>
  troubles.get().find((one) => one.write.record.id === recordId);

/** In the place of an earlier one of the same record, so that they stay in the order in which they were written. */
export const addTrouble = (trouble: Trouble): void =>
  troubles.set((all) => {
    const isSame = (one: Trouble) => one.write.record.id === trouble.write.record.id;
    return all.some(isSame) ? all.map((one) => (isSame(one) ? trouble : one)) : [...all, trouble];
  });

/** Writes that were set aside, in the order in which they were written. */
export const writesSetAside = (all: readonly Trouble[]): Write[] =>
  all.flatMap(({ setAside, write }) => (setAside ? [write] : []));

export const dropTrouble = (recordId: string): void =>
  troubles.set((all) => all.filter((one) => one.write.record.id !== recordId));
