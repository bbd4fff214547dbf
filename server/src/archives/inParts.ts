/** Bytes as they come, in parts of about one size, the last one smaller. */
export async function* inParts(
  chunks: AsyncIterable<Uint8Array>,
  size: number,
): AsyncGenerator<Buffer> {
  let held: Uint8Array[] = [];
  let length = 0;
  for await (const chunk of chunks) {
    held.push(chunk);
    length += chunk.length;
    if (length < size) continue;
    yield Buffer.concat(held);
    [held, length] = [[], 0];
  }
  if (length > 0) yield Buffer.concat(held);
}
