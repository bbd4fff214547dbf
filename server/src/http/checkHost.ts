const LOOPBACK = /^(127(\.\d+){3}|::1|localhost)$/;

export const isLoopback = (host: string): boolean => LOOPBACK.test(host);

/**
 * Where others than this machine can reach the server, sessions go over TLS alone.
 *
 * @throws Error that says what is to be set
 */
export function checkHost(host: string, secure: boolean): void {
  if (isLoopback(host) || secure) return;
  throw new Error(
    `HOST=${host} is open to others, and sessions would go there unprotected. Put a proxy that speaks TLS in front and set SECURE_COOKIES=1, or leave HOST as it is.`,
  );
}
