import { createStore } from '../device/store';

/** A newer version of the app that is on this device and waits; null while there is none. */
export const newerVersion = createStore<{ readonly take: () => void } | null>(null);
