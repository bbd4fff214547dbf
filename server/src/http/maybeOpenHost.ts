import { isLoopback } from './isLoopback';

/** Where others than this machine can reach the server, sessions go over TLS alone: what is to be set, or null. */
export function maybeOpenHost(host: string, secure: boolean): string | null {
  if (isLoopback(host) || secure) return null;
  return `HOST=${host} is open to others, and sessions would go there unprotected. Put a proxy that speaks TLS in front and set SECURE_COOKIES=1, or leave HOST as it is.`;
}

/** By which names it is reached, besides those of this machine; null where nobody said. */
export function namesOf(host: string, publicUrl: string | undefined): string[] | null {
  if (publicUrl) return [new URL(publicUrl).hostname.toLowerCase()];
  return isLoopback(host) ? [] : null;
}
