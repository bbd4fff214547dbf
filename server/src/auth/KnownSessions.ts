import type { DataSource } from 'typeorm';
import { maybeSignedIn, noteSeen, SEEN_EVERY_MIN, type SignedIn } from './sessions';
import { hashOfToken } from './tokens';

/** So long a session that was looked up is not looked up again. */
const HOLDS_MS = 5000;
/** More than any practice has at once; past that, all are looked up again. */
const MOST = 10_000;

/** So often it is kept that a session is in use. */
const NOTED_MS = SEEN_EVERY_MIN * 60_000;

interface Known {
  readonly who: SignedIn;
  readonly until: number;
  /** Not kept again before. */
  readonly notedUntil: number;
}

const keyOf = (hash: Buffer): string => hash.toString('base64url');

/**
 * Sessions that were looked up in the last few seconds. Whoever is signed out is forgotten at once, here and as it is
 * told of in every other process; where that cannot be heard, they are let in for these few seconds more.
 */
export class KnownSessions {
  private readonly known = new Map<string, Known>();
  /** How often something was. */
  private forgotten = 0;

  constructor(private readonly source: DataSource) {}

  async maybeSignedIn(token: string): Promise<SignedIn | null> {
    const hash = hashOfToken(token);
    const key = keyOf(hash);
    const held = this.known.get(key);
    if (held && held.until > performance.now()) return held.who;
    const { forgotten } = this;
    const who = await maybeSignedIn(this.source, token);
    if (!who) {
      this.known.delete(key);
      return null;
    }
    // It may be this one that ended while it was looked up: good for this once, and not held.
    if (forgotten !== this.forgotten) return who;
    const isNoted = held !== undefined && held.notedUntil > performance.now();
    this.hold(key, who, isNoted ? held.notedUntil : performance.now() + NOTED_MS);
    if (!isNoted) await noteSeen(this.source, who, hash);
    return who;
  }

  /** @param hash of its token */
  forget(hash: Buffer): void {
    this.forgotten += 1;
    this.known.delete(keyOf(hash));
  }

  /** What is told with all of them has changed. */
  forgetAll(): void {
    this.forgotten += 1;
    this.known.clear();
  }

  private hold(key: string, who: SignedIn, notedUntil: number): void {
    if (this.known.size >= MOST) this.known.clear();
    this.known.set(key, { who, until: performance.now() + HOLDS_MS, notedUntil });
  }
}
