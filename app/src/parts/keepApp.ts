import { newerVersion } from './newerVersion';

const LOOK_EVERY_MS = 3_600_000;

/** The page changes with the version; nothing that was entered hangs on it. */
function take(waiting: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting.postMessage({ type: 'SKIP_WAITING' });
}

/** Says that a version waits; the first one ever has nobody to wait for. */
function noteWaiting({ waiting }: ServiceWorkerRegistration): void {
  if (waiting && navigator.serviceWorker.controller)
    newerVersion.set({ take: () => take(waiting) });
}

function watch(registration: ServiceWorkerRegistration): void {
  noteWaiting(registration);
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', () => noteWaiting(registration));
  });
  const look = () => void registration.update().catch(() => undefined);
  setInterval(look, LOOK_EVERY_MS);
  document.addEventListener('visibilitychange', () => document.hidden || look());
}

/** Keeps on the device what a visit needs without a signal, and notices newer versions. */
export function keepApp(): void {
  if (!('serviceWorker' in navigator)) return;
  navigator.serviceWorker
    .register('/sw.js')
    .then(watch)
    // Without one the app works as long as there is a connection.
    .catch((error: unknown) => console.warn('no service worker', error));
}
