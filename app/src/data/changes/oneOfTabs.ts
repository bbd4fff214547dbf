/**
 * Does something in one tab of this browser for all of them: in the first that is looked at, and in the next
 * when that one is closed or put away. What it tells is heard in every tab, its own too.
 *
 * @param name of the lock and of the channel
 * @param lead begins the work, and returns what ends it
 * @returns what takes this tab out
 */
export function oneOfTabs<Message>(
  name: string,
  lead: (tell: (message: Message) => void) => () => void,
  hear: (message: Message) => void,
): () => void {
  const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(name) : null;
  channel?.addEventListener('message', ({ data }: MessageEvent<Message>) => hear(data));
  const tell = (message: Message) => {
    channel?.postMessage(message);
    hear(message);
  };
  let leave = () => undefined as void;
  const enter = () => {
    leave();
    leave = document.hidden ? () => undefined : takeTurn(name, () => lead(tell));
  };
  document.addEventListener('visibilitychange', enter);
  enter();
  return () => {
    document.removeEventListener('visibilitychange', enter);
    leave();
    channel?.close();
  };
}

/** Waits for its turn and does the work until it is called off; a browser without locks has no turns. */
function takeTurn(name: string, work: () => () => void): () => void {
  if (!navigator.locks) return work();
  const calling = new AbortController();
  void navigator.locks
    .request(name, { signal: calling.signal }, async () => {
      const end = work();
      await new Promise((resolve) => calling.signal.addEventListener('abort', resolve));
      end();
    })
    // Called off before it had its turn.
    .catch(() => undefined);
  return () => calling.abort();
}
