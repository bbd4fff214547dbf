const swap = (word: string): string =>
  word === 'left' ? 'right' : word === 'right' ? 'left' : word;

/** Anything with its left for its right, also in its keys. */
export function mirrored<T>(value: T): T {
  if (Array.isArray(value)) return value.map(mirrored) as T;
  if (typeof value === 'string') return swap(value) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [swap(key), mirrored(one)]),
  ) as T;
}
