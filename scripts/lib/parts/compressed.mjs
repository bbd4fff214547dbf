import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const TEXT = /\.(js|html|json|css|svg|ico)$/;
/** A smaller file fits into one packet as it is. */
const SMALLEST = 1024;

const brotli = promisify(brotliCompress);
const gzipped = promisify(gzip);

const brotliOptions = (bytes) => ({
  params: {
    [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
    [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
  },
});

async function compress(path) {
  const bytes = await readFile(path);
  if (bytes.length < SMALLEST) return;
  await Promise.all([
    brotli(bytes, brotliOptions(bytes)).then((small) => writeFile(`${path}.br`, small)),
    gzipped(bytes, { level: 9 }).then((small) => writeFile(`${path}.gz`, small)),
  ]);
}

/** Lays a brotli and a gzip beside every text of a folder, as small as they get: it is done once a build. */
export async function compressed(folder) {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const texts = entries.filter((one) => one.isFile() && TEXT.test(one.name));
  await Promise.all(texts.map((one) => compress(join(one.parentPath ?? one.path, one.name))));
}
