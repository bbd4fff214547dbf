import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { makePractice, prepared } from '../../scripts/lib/database.mjs';
import { KeptProcess } from '../../scripts/lib/keptProcess.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { startServer, startWorker } from '../../scripts/lib/serverProcess.mjs';
import { Line } from './Line';
import { Pair } from './Pair';
import { Proxy } from './Proxy';

export interface Programs {
  readonly postgres: string;
  readonly nginx: string;
}

/** A process of the house that is started again when it dies, and the line on which it reaches the database. */
export interface Member {
  readonly kept: KeptProcess;
  readonly line: Line;
  /** The process as it is now. */
  readonly now: () => ChildProcess | null;
}

export interface Who {
  readonly email: string;
  readonly password: string;
}

/** What is near enough to at once, for something that an operator's machine starts again. */
const AGAIN = { waitMs: 200, mostMs: 200 };

/** Two servers and two workers behind a proxy, on a primary and a standby: as `docs/operating.md` has it, on loopback. */
export class House {
  private constructor(
    readonly pair: Pair,
    readonly proxy: Proxy,
    readonly servers: readonly Member[],
    readonly workers: readonly Member[],
    readonly coaches: readonly Who[],
    /** Letters that went out, a file each. */
    readonly outbox: string,
  ) {}

  static async make(programs: Programs, home: string, wantedPort: number): Promise<House> {
    const pair = await Pair.make(programs.postgres, home, wantedPort);
    const { appUrl, coaches } = settled(pair);
    const ports: number[] = [];
    for (let i = 0; i < 8; i++) ports.push(await freePort((ports.at(-1) ?? wantedPort + 10) + 1));
    const [port, plainPort, first, second, ...lines] = ports as [number, number, number, number];
    const servers = [first, second] as const;
    const { nginx } = programs;
    const proxy = new Proxy({ nginx, home: join(home, 'nginx'), port, plainPort, servers });
    const outbox = join(home, 'outbox');
    // There from the beginning: it is counted what is in it, also where no letter was asked for.
    mkdirSync(outbox, { recursive: true });
    const behind = { SECURE_COOKIES: '1', TRUST_PROXY: '1', PUBLIC_URL: proxy.url };
    const members = await Promise.all(
      (lines as number[]).map(async (at, i) => {
        const line = await new Line(at, pair.port).open();
        const own = through(appUrl, at);
        const quiet = { appUrl: own, logLevel: 'silent' };
        const begin =
          i < 2
            ? () => startServer({ ...quiet, port: servers[i], behind })
            : () => startWorker({ ...quiet, publicUrl: proxy.url, outbox });
        return keep(i < 2 ? 'server' : 'worker', line, begin);
      }),
    );
    await proxy.start();
    return new House(pair, proxy, members.slice(0, 2), members.slice(2), coaches, outbox);
  }

  private get members(): readonly Member[] {
    return [...this.servers, ...this.workers];
  }

  /** Leads everybody to where the primary is now. */
  followPrimary(): void {
    for (const { line } of this.members) line.leadTo(this.pair.port);
  }

  async end(): Promise<void> {
    await this.proxy.end();
    for (const { line } of this.members) line.release();
    await Promise.all(this.members.map(({ kept }) => kept.stop()));
    await Promise.all(this.members.map(({ line }) => line.close()));
    await this.pair.end();
  }
}

async function keep(what: string, line: Line, begin: () => Promise<ChildProcess>): Promise<Member> {
  let child: ChildProcess | null = null;
  const kept = new KeptProcess(what, async () => (child = await begin()), AGAIN);
  await kept.start();
  return { kept, line, now: () => child };
}

/** An address of the same database that leads over a line. */
function through(url: string, port: number): string {
  const led = new URL(url);
  led.port = String(port);
  return led.toString();
}

/** Database and practice: one owner, and four coaches who write at the same time. */
function settled({ adminUrl }: Pair): { appUrl: string; coaches: Who[] } {
  const databases = prepared({ adminUrl }, { name: 'faults', fresh: true });
  const coaches = Array.from({ length: 5 }, (_, i) => ({
    id: randomUUID(),
    name: `Coach ${i}`,
    email: `coach-${i}@faults.example`,
    password: randomUUID(),
  }));
  makePractice(databases, { id: randomUUID(), name: 'Faults', coaches });
  return {
    appUrl: databases.appUrl,
    coaches: coaches.map(({ email, password }) => ({ email, password })),
  };
}
