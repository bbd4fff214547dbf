import { createStore, del, get, set, type UseStore } from 'idb-keyval';
import { rememberedCoachId } from './session';

/** A box for each coach: what lies on a shared device is the one's who put it there. */
export const ownBox = (coachId: string): UseStore => createStore(`taxikine-own-${coachId}`, 'own');

let opened: { readonly coachId: string; readonly box: UseStore } | null = null;

/** Of whoever is signed in here. */
function box(): UseStore {
  const coachId = rememberedCoachId() ?? '';
  if (opened?.coachId !== coachId) opened = { coachId, box: ownBox(coachId) };
  return opened.box;
}

/** Where an app from before kept it for whoever was signed in. */
const keyBefore = (key: string): string => `taxikine/${key}`;

/** Keeps something on this device and nowhere else. */
export const keepOwn = (key: string, thing: Blob): Promise<void> => set(key, thing, box());

/** What was kept; what an older app kept is taken over when it is asked for first. */
export async function maybeOwn(key: string): Promise<Blob | undefined> {
  const own = await get<Blob>(key, box());
  if (own) return own;
  const before = await get<Blob>(keyBefore(key));
  if (!before) return undefined;
  await keepOwn(key, before);
  await del(keyBefore(key));
  return before;
}

export async function dropOwn(key: string): Promise<void> {
  await Promise.all([del(key, box()), del(keyBefore(key))]);
}
