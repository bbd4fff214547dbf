import { CHANGE_EVENTS, type ChangeTold } from '@taxikine/core/records/wire/changeTold';

/** `all`: anything may have changed. */
export type Told = ChangeTold | 'all';

const ADDRESS = '/api/v1/changes';
/** A stream that says nothing for so long does not get through: something holds it back on the way. */
const OPEN_WITHIN_MS = 8000;
const ASK_EVERY_MS = 4000;
const TRY_AGAIN_MS = 30_000;

/** Tells `all` again and again, which has everything that is on a screen asked for. Returns what ends it. */
function askAgainAndAgain(tell: (told: Told) => void): () => void {
  const timer = setInterval(() => {
    if (navigator.onLine) tell('all');
  }, ASK_EVERY_MS);
  return () => clearInterval(timer);
}

/** One try at the server's stream. `onClosed` when it will not come again by itself. Returns what ends it. */
function openStream(
  tell: (told: Told) => void,
  onOpen: () => void,
  onClosed: () => void,
): () => void {
  const stream = new EventSource(ADDRESS);
  stream.addEventListener(CHANGE_EVENTS.open, () => {
    onOpen();
    // What was written before it was open was told to nobody.
    tell('all');
  });
  stream.addEventListener(CHANGE_EVENTS.all, () => tell('all'));
  stream.addEventListener(CHANGE_EVENTS.change, ({ data }: MessageEvent<string>) =>
    tell(JSON.parse(data) as ChangeTold),
  );
  stream.onerror = () => {
    if (stream.readyState === EventSource.CLOSED) onClosed();
  };
  return () => stream.close();
}

/**
 * What other devices write, as the server says it; where no stream gets through, the server is asked every few
 * seconds instead, and the stream is tried again now and then. Returns what ends it.
 */
export function followStream(tell: (told: Told) => void): () => void {
  if (!('EventSource' in globalThis)) return askAgainAndAgain(tell);
  let endStream = () => undefined as void;
  let endAsking: (() => void) | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ask = () => (endAsking ??= askAgainAndAgain(tell));
  const open = () => {
    timer = setTimeout(ask, OPEN_WITHIN_MS);
    endStream = openStream(
      tell,
      () => {
        clearTimeout(timer);
        endAsking?.();
        endAsking = null;
      },
      () => {
        clearTimeout(timer);
        ask();
        timer = setTimeout(open, TRY_AGAIN_MS);
      },
    );
  };
  open();
  return () => {
    clearTimeout(timer);
    endStream();
    endAsking?.();
  };
}
