import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { setTimeout as delay } from 'node:timers/promises';
import { ROOT } from '../../scripts/lib/paths.mjs';
import { output } from '../../scripts/lib/run.mjs';

const CONF = join(ROOT, 'docs', 'operating', 'nginx.conf');
const TEMPORARY = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'];

export interface ProxyPlace {
  readonly nginx: string;
  readonly home: string;
  readonly port: number;
  readonly plainPort: number;
  /** Ports of the servers behind it. */
  readonly servers: readonly [number, number];
}

/** A certificate for this machine that nobody but a test trusts. */
function certificate(home: string): { cert: string; key: string } {
  const [cert, key] = [join(home, 'cert.pem'), join(home, 'key.pem')];
  const names = 'subjectAltName=IP:127.0.0.1,DNS:localhost';
  const kind = ['-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes'];
  const whose = ['-subj', '/CN=localhost', '-days', '2', '-addext', names];
  output('openssl', ['req', '-x509', ...kind, ...whose, '-keyout', key, '-out', cert]);
  return { cert, key };
}

/** Puts something in the place of something that has to be there. */
const put = (text: string, [from, to]: readonly [string, string]): string => {
  if (!text.includes(from)) throw new Error(`docs/operating/nginx.conf has no “${from}”`);
  return text.replaceAll(from, to);
};

/** The very configuration that operators are given, with ports, paths and folders of the test. */
function configuration({ home, port, plainPort, servers }: ProxyPlace): string {
  const { cert, key } = certificate(home);
  const folders = TEMPORARY.map((what) => `  ${what}_temp_path ${join(home, what)};`).join('\n');
  const changes: [string, string][] = [
    ['http {', `http {\n${folders}`],
    ['server 127.0.0.1:4311', `server 127.0.0.1:${servers[0]}`],
    ['server 127.0.0.1:4312', `server 127.0.0.1:${servers[1]}`],
    ['listen 80;', `listen 127.0.0.1:${plainPort};`],
    ['listen 443 ssl', `listen 127.0.0.1:${port} ssl`],
    ['https://$host$request_uri', `https://$host:${port}$request_uri`],
    ['/etc/taxikine/fullchain.pem', cert],
    ['/etc/taxikine/privkey.pem', key],
  ];
  return changes.reduce(put, readFileSync(CONF, 'utf8'));
}

const answersAt = (port: number) =>
  new Promise<boolean>((resolve) => {
    const socket = connect({ port, host: '127.0.0.1' });
    const say = (is: boolean) => {
      socket.destroy();
      resolve(is);
    };
    socket.once('connect', () => say(true)).once('error', () => say(false));
  });

/** Debian's nginx in front of two servers, as `docs/operating.md` has it. */
export class Proxy {
  private child: ChildProcess | null = null;
  readonly cert: Buffer;

  constructor(private readonly place: ProxyPlace) {
    mkdirSync(place.home, { recursive: true });
    writeFileSync(join(place.home, 'nginx.conf'), configuration(place));
    this.cert = readFileSync(join(place.home, 'cert.pem'));
  }

  get servers(): ProxyPlace['servers'] {
    return this.place.servers;
  }

  get url(): string {
    return `https://127.0.0.1:${this.place.port}`;
  }

  get plainUrl(): string {
    return `http://127.0.0.1:${this.place.plainPort}`;
  }

  async start(): Promise<void> {
    const { nginx, home, port } = this.place;
    const log = join(home, 'error.log');
    const own = `daemon off; pid ${join(home, 'nginx.pid')};`;
    const args = ['-p', home, '-e', log, '-c', join(home, 'nginx.conf'), '-g', own];
    const child = spawn(nginx, args, { stdio: ['ignore', 'ignore', 'ignore'] });
    this.child = child;
    while (!(await answersAt(port))) {
      if (child.exitCode !== null) throw new Error(readFileSync(log, 'utf8'));
      await delay(20);
    }
  }

  /** All of it is gone at once, with everybody's lines, and comes back. */
  async kill(): Promise<void> {
    await this.end('SIGKILL');
    await this.start();
  }

  /** Reads its configuration anew; those who are on it stay until they are through. */
  reload(): void {
    this.child?.kill('SIGHUP');
  }

  /** Its workers go with the master only when it can tell them. */
  async end(signal: 'SIGKILL' | 'SIGTERM' = 'SIGTERM'): Promise<void> {
    const { child } = this;
    this.child = null;
    if (!child?.pid || child.exitCode !== null) return;
    const gone = once(child, 'exit');
    const workers = signal === 'SIGKILL' ? childrenOf(child.pid) : [];
    for (const pid of [child.pid, ...workers]) process.kill(pid, signal);
    await gone;
  }
}

const childrenOf = (pid: number): number[] =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').split(' ').filter(Boolean).map(Number);
