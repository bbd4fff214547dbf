import { connect, createServer, type Server, type Socket } from 'node:net';

interface Way {
  readonly near: Socket;
  readonly far: Socket;
}

/** A line over loopback that can be cut, held and led elsewhere: what stands between a server and its database. */
export class Line {
  private readonly ways = new Set<Way>();
  private server: Server | null = null;
  private isHeld = false;

  constructor(
    readonly port: number,
    /** Where it leads now. */
    private to: number,
  ) {}

  async open(): Promise<this> {
    const server = createServer((near) => this.lead(near));
    this.server = server;
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(this.port, '127.0.0.1', resolve);
    });
    return this;
  }

  private lead(near: Socket): void {
    const far = connect({ port: this.to, host: '127.0.0.1' });
    const way = { near, far };
    this.ways.add(way);
    const end = () => {
      this.ways.delete(way);
      near.destroy();
      far.destroy();
    };
    for (const socket of [near, far]) socket.setNoDelay(true).on('error', end).on('close', end);
    near.pipe(far);
    far.pipe(near);
    if (this.isHeld) this.still(way);
  }

  private still({ near, far }: Way): void {
    for (const socket of [near, far]) {
      socket.unpipe();
      socket.pause();
    }
  }

  /** Everybody who is on it is thrown off; they may come again. */
  cut(): void {
    for (const { near, far } of this.ways) {
      near.destroy();
      far.destroy();
    }
  }

  /** Nothing comes through, and nobody is told. */
  hold(): void {
    this.isHeld = true;
    for (const way of this.ways) this.still(way);
  }

  release(): void {
    this.isHeld = false;
    for (const { near, far } of this.ways) {
      near.pipe(far);
      far.pipe(near);
    }
  }

  /** From now on it leads there; who is on it is thrown off. */
  leadTo(port: number): void {
    this.to = port;
    this.cut();
  }

  async close(): Promise<void> {
    this.cut();
    await new Promise((resolve) => this.server?.close(resolve));
  }
}
