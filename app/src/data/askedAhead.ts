declare global {
  /** Answers on their way, by address; `public/first-ask.js` asked for them before the app was there. */
  var taxikineAsked: Record<string, Promise<Response>> | undefined;
}

/** The answer that was asked for ahead, once; null when it was not, or is taken. */
export function maybeAskedAhead(path: string): Promise<Response> | null {
  const asked = globalThis.taxikineAsked?.[path];
  if (!asked) return null;
  delete globalThis.taxikineAsked![path];
  return asked;
}
