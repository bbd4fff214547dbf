/** Whether a name or an address is this machine's own, which nobody else reaches. */
export const isLoopback = (host: string): boolean =>
  /^(127(\.\d+){3}|localhost|::1|\[::1\])$/.test(host);
