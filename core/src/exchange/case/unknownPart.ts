type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What an item of a list is told apart by, whatever its place. */
const TOLD_BY = ['fault', 'check', 'probe', 'cause', 'what', 'region', 'side'] as const;

function nameOf(item: unknown): string | null {
  if (!isFields(item)) return null;
  const told = TOLD_BY.filter((key) => item[key] !== undefined && item[key] !== null);
  return told.length > 0 ? told.map((key) => `${key}=${String(item[key])}`).join() : null;
}

const isEmpty = (value: unknown): boolean =>
  value === undefined ||
  (Array.isArray(value) && value.length === 0) ||
  (isFields(value) && Object.keys(value).length === 0);

function unknownItems(input: readonly unknown[], written: readonly unknown[]): unknown[] {
  return input.flatMap((item) => {
    const name = nameOf(item);
    const match = written.find((other) => name !== null && nameOf(other) === name);
    const part = match === undefined ? undefined : unknownPart(item, match);
    if (isEmpty(part)) return [];
    const told = Object.entries(item as Fields).filter(([key]) =>
      (TOLD_BY as readonly string[]).includes(key),
    );
    return [{ ...Object.fromEntries(told), ...(part as Fields) }];
  });
}

/** What of a document is not in the one we would write: fields that this version does not know. */
export function unknownPart(input: unknown, written: unknown): unknown {
  if (Array.isArray(input) && Array.isArray(written)) return unknownItems(input, written);
  if (!isFields(input) || !isFields(written)) return undefined;
  const parts = Object.entries(input).map(([key, value]): [string, unknown] => [
    key,
    key in written ? unknownPart(value, written[key]) : value,
  ]);
  return Object.fromEntries(parts.filter(([, value]) => !isEmpty(value)));
}

function itemsWith(written: readonly unknown[], extra: readonly unknown[]): unknown[] {
  return written.map((item) => {
    const name = nameOf(item);
    const match = extra.find((other) => name !== null && nameOf(other) === name);
    return match === undefined ? item : withUnknown(item, match);
  });
}

/** A document with the fields put back that this version does not know; what it knows stays as written. */
export function withUnknown(written: unknown, extra: unknown): unknown {
  if (Array.isArray(written) && Array.isArray(extra)) return itemsWith(written, extra);
  if (!isFields(written) || !isFields(extra)) return written;
  const kept = Object.entries(extra).map(([key, value]): [string, unknown] => [
    key,
    key in written ? withUnknown(written[key], value) : value,
  ]);
  return { ...written, ...Object.fromEntries(kept) };
}
