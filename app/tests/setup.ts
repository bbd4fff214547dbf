import nodeCrypto from 'node:crypto';

/** jsdom has no media queries: everything is a phone by day. */
Object.defineProperty(window, 'matchMedia', {
  value: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }),
});

/** jsdom knows fewer random numbers than every browser does. */
Object.defineProperty(globalThis.crypto, 'randomUUID', { value: nodeCrypto.randomUUID });

/** jsdom knows no signals that end by themselves; in tests nothing takes that long. */
AbortSignal.timeout ??= () => new AbortController().signal;
