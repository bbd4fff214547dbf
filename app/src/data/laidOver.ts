/**
 * The latest of a record with the fields in which `next` differs from what was shown: what changed elsewhere in
 * between stays.
 */
export function laidOver<T extends object>(latest: T, shown: T, next: T): T {
  const changed = Object.entries(next).filter(
    ([field, value]) => shown[field as keyof T] !== value,
  );
  return { ...latest, ...Object.fromEntries(changed) };
}
