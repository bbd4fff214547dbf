import type { ChangeTold } from '@taxikine/core';
import { Client } from 'pg';
import type { Logger } from 'pino';

/** `all`: more changed than is told one by one, or it is not known what. */
export type Told = ChangeTold | 'all';

export interface Listener {
  readonly tell: (told: Told) => void;
  /** The server stops: nothing will be told any more. */
  readonly end: () => void;
}

interface Notice extends ChangeTold {
  readonly practice: string;
}

const CHANGES = 'changes';
const SESSIONS = 'sessions';
const TRY_AGAIN_MS = 1000;
/** So much of one practice within a moment (a restored archive) is told as one. */
const MOST_AT_ONCE = 50;
const MOMENT_MS = 250;

/** Hears whose session ended: the hash of its token; null when it may be anybody's. */
export type SessionWatcher = (hash: Buffer | null) => void;

/** What was told of one practice in the last moment. */
interface Moment {
  readonly until: number;
  count: number;
}

/**
 * Hears of every write that any process carried out and of every session that ended (PostgreSQL's LISTEN), and tells
 * whoever listens for that practice. Connected only while somebody listens; when the connection was lost, everybody is told `all`, for
 * what happened meanwhile is not known.
 */
export class ChangeFeed {
  private readonly listeners = new Map<string, Set<Listener>>();
  private readonly moments = new Map<string, Moment>();
  private watcher: SessionWatcher | null = null;
  private client: Client | null = null;
  private connecting: Promise<void> | null = null;
  private isEnded = false;

  constructor(
    private readonly url: string,
    private readonly log: Logger,
  ) {}

  /** Returns what ends the listening. Resolves once everything that is written from now on is heard of. */
  async listen(practiceId: string, listener: Listener): Promise<() => void> {
    const ours = this.listeners.get(practiceId) ?? new Set();
    this.listeners.set(practiceId, ours.add(listener));
    const stop = () => {
      ours.delete(listener);
      if (ours.size === 0) this.listeners.delete(practiceId);
      if (!this.isWanted) this.letGo();
    };
    try {
      await this.needConnection();
    } catch (error) {
      stop();
      throw error;
    }
    return stop;
  }

  /** Tells of sessions from now on, for as long as the feed goes on. */
  watchSessions(watcher: SessionWatcher): void {
    this.watcher = watcher;
    this.again();
  }

  private get isWanted(): boolean {
    return this.watcher !== null || this.listeners.size > 0;
  }

  end(): void {
    this.isEnded = true;
    for (const ours of this.listeners.values()) for (const listener of [...ours]) listener.end();
    this.listeners.clear();
    this.watcher = null;
    this.letGo();
  }

  private async needConnection(): Promise<void> {
    if (this.client) return;
    this.connecting ??= this.connect().finally(() => (this.connecting = null));
    await this.connecting;
  }

  private async connect(): Promise<void> {
    const client = new Client({ connectionString: this.url, keepAlive: true });
    client.on('notification', ({ channel, payload }) => {
      if (channel === SESSIONS)
        this.watcher?.(payload === 'all' ? null : Buffer.from(payload!, 'hex'));
      else this.tell(JSON.parse(payload!) as Notice);
    });
    client.on('error', () => this.lost(client));
    client.on('end', () => this.lost(client));
    try {
      await client.connect();
      await client.query(`LISTEN ${CHANGES}; LISTEN ${SESSIONS}`);
    } catch (error) {
      void client.end().catch(() => undefined);
      throw error;
    }
    this.client = client;
    // Whatever ended before was not heard of.
    this.watcher?.(null);
  }

  /** The connection went by itself: listens anew, and tells that there may be anything. */
  private lost(client: Client): void {
    if (this.client !== client) return;
    this.client = null;
    this.log.warn('changes are not heard of');
    this.again();
  }

  private again(): void {
    if (this.isEnded || !this.isWanted) return;
    this.needConnection().then(
      () => this.tellEverybody(),
      () => void setTimeout(() => this.again(), TRY_AGAIN_MS).unref(),
    );
  }

  private letGo(): void {
    const { client } = this;
    this.client = null;
    void client?.end().catch(() => undefined);
  }

  private tellEverybody(): void {
    for (const ours of this.listeners.values()) for (const { tell } of ours) tell('all');
  }

  private tell({ practice, ...change }: Notice): void {
    const ours = this.listeners.get(practice);
    if (!ours) return;
    const told = this.asTold(practice, change);
    if (told) for (const { tell } of ours) tell(told);
  }

  /** The change itself; `all` at the one that is too many; nothing for those after it in the same moment. */
  private asTold(practice: string, change: ChangeTold): Told | null {
    const now = performance.now();
    const known = this.moments.get(practice);
    const moment = known && known.until > now ? known : { until: now + MOMENT_MS, count: 0 };
    this.moments.set(practice, moment);
    moment.count += 1;
    if (moment.count === MOST_AT_ONCE + 1)
      setTimeout(() => this.tellPractice(practice), MOMENT_MS).unref();
    return moment.count > MOST_AT_ONCE ? null : change;
  }

  private tellPractice(practice: string): void {
    for (const { tell } of this.listeners.get(practice) ?? []) tell('all');
  }
}
