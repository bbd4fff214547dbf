import { Readable } from 'node:stream';
import { RandomAccessReader } from 'yauzl';
import { AppError } from '../ground/errors';

/** Some bytes, and where they begin. */
export interface Part {
  readonly startsAt: number;
  readonly bytes: Buffer;
}

/** Told apart from a damaged archive: it is tried again. */
const away = (cause: unknown): AppError =>
  new AppError(
    503,
    { code: 'parts-away', message: 'The archive cannot be read just now.' },
    { cause },
  );

const holds = ({ startsAt, bytes }: Part, position: number): boolean =>
  position >= startsAt && position < startsAt + bytes.length;

/** Reads anywhere in bytes that lie in parts, and holds one part at a time. */
export class PartsReader extends RandomAccessReader {
  private held: Part = { startsAt: 0, bytes: Buffer.alloc(0) };

  /** @param partWith the part that holds the byte at a position */
  constructor(private readonly partWith: (position: number) => Promise<Part>) {
    super();
  }

  override _readStreamForRange(start: number, end: number): Readable {
    return Readable.from(this.bytesOf(start, end));
  }

  private async partAt(position: number): Promise<Part> {
    try {
      return await this.partWith(position);
    } catch (cause) {
      throw away(cause);
    }
  }

  private async *bytesOf(start: number, end: number): AsyncGenerator<Buffer> {
    for (let at = start; at < end;) {
      if (!holds(this.held, at)) this.held = await this.partAt(at);
      const { startsAt, bytes } = this.held;
      const cut = bytes.subarray(at - startsAt, end - startsAt);
      yield cut;
      at += cut.length;
    }
  }
}
