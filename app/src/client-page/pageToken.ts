const KEY = 'taxikine-home-token';

/**
 * The token behind the # of the address: no server is sent it. It is kept on the device, so that the page
 * opened from the home screen still knows it.
 */
export function maybePageToken(): string | null {
  const token = window.location.hash.slice(1);
  if (token) localStorage.setItem(KEY, token);
  return token || localStorage.getItem(KEY);
}
