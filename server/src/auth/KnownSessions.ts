import type { DataSource } from 'typeorm';
import { maybeSignedIn, type SignedIn } from './sessions';

/** So long a session that was looked up is not looked up again. */
const HOLDS_MS = 5000;
/** More than any practice has at once; past that, all are looked up again. */
const MOST = 10_000;

/**
 * Sessions that were looked up in the last few seconds. Whoever signs out here is forgotten at once; who signs
 * out at another process of the server is let in there for these few seconds more.
 */
export class KnownSessions {
  private readonly known = new Map<string, { readonly who: SignedIn; readonly until: number }>();

  constructor(private readonly source: DataSource) {}

  async maybeSignedIn(token: string): Promise<SignedIn | null> {
    const held = this.known.get(token);
    if (held && held.until > performance.now()) return held.who;
    this.known.delete(token);
    const who = await maybeSignedIn(this.source, token);
    if (who) this.hold(token, who);
    return who;
  }

  forget(token: string): void {
    this.known.delete(token);
  }

  private hold(token: string, who: SignedIn): void {
    if (this.known.size >= MOST) this.known.clear();
    this.known.set(token, { who, until: performance.now() + HOLDS_MS });
  }
}
