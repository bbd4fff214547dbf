import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/** A file of an archive. */
export interface ZipEntry {
  readonly name: string;
  readonly bytes: Uint8Array;
  /** Small already, as pictures are: stored as it is. */
  readonly stored?: boolean;
}

const wrapped = ({ name, stored }: ZipEntry) =>
  stored ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });

/** Packs files one after the other: no more than one of them, packed, is held at a time. */
export async function* zipped(
  entries: AsyncIterable<ZipEntry> | Iterable<ZipEntry>,
): AsyncGenerator<Uint8Array> {
  let packed: Uint8Array[] = [];
  const zip = new Zip((error, bytes) => {
    if (error) throw error;
    packed.push(bytes);
  });
  const taken = (): Uint8Array[] => {
    const now = packed;
    packed = [];
    return now;
  };
  for await (const entry of entries) {
    const file = wrapped(entry);
    zip.add(file);
    file.push(entry.bytes, true);
    yield* taken();
  }
  zip.end();
  yield* taken();
}
