import { useColorScheme } from 'react-native';
import { createStore, useStore } from '../device/store';

export type Scheme = 'light' | 'dark';

const KEY = 'taxikine/scheme';
const chosen = createStore<Scheme | null>(
  (globalThis.localStorage?.getItem(KEY) as Scheme | null) ?? null,
);

/** Paper or blueprint: as chosen on this device, otherwise as the system is. */
export function useScheme(): Scheme {
  const system = useColorScheme() === 'dark' ? 'dark' : 'light';
  return useStore(chosen) ?? system;
}

export function chooseScheme(scheme: Scheme): void {
  localStorage.setItem(KEY, scheme);
  chosen.set(scheme);
}
