/** Keeps the page itself on the device, so that it opens without a connection. */
export function keepPage(): void {
  if (!('serviceWorker' in navigator)) return;
  void navigator.serviceWorker
    .register('/sw-page.js', { scope: '/home' })
    // Without one the page works as long as there is a connection.
    .catch((error: unknown) => console.warn('no service worker', error));
}
