/** Nothing that we read is nested deeper, and a visit with all that can be in it has a twentieth of the values. */
const MOST_DEPTH = 32;
const MOST_VALUES = 20_000;

/** NUL, which PostgreSQL keeps in no text, and halves of characters, which are none. */
const UNKEEPABLE = /[\0\p{Surrogate}]/u;

/** A value somewhere in a body. */
interface Place {
  readonly value: unknown;
  readonly key: string;
  readonly within: Place | null;
  readonly depth: number;
}

export interface Unsound {
  /** Dotted path to the field, such as `record.name`; empty for the body as a whole. */
  readonly path: string;
  readonly message: string;
}

function pathOf(place: Place): string {
  const keys: string[] = [];
  for (let at: Place | null = place; at?.within; at = at.within) keys.unshift(at.key);
  return keys.join('.');
}

const isUnkeepable = ({ key, value }: Place): boolean =>
  UNKEEPABLE.test(key) || (typeof value === 'string' && UNKEEPABLE.test(value));

/**
 * What is wrong with a body whatever it is meant to say: too much of it, too deep, or a character that cannot be kept,
 * also in fields that no schema looks into, or more values than `most`. Stops at the first: a body that is made to be slow is not read to its end.
 */
export function maybeUnsound(body: unknown, most = MOST_VALUES): Unsound | null {
  const open: Place[] = [{ value: body, key: '', within: null, depth: 0 }];
  let values = 0;
  for (let place = open.pop(); place; place = open.pop()) {
    if (isUnkeepable(place))
      return { path: pathOf(place), message: `${place.key} holds a character that cannot be kept` };
    const { value, depth } = place;
    if (typeof value !== 'object' || value === null) continue;
    const keys = Object.keys(value);
    values += keys.length;
    if (values > most) return { path: '', message: `There are more than ${most} values in it.` };
    if (depth === MOST_DEPTH)
      return { path: '', message: `It is nested deeper than ${MOST_DEPTH} levels.` };
    for (const key of keys)
      open.push({ value: (value as never)[key], key, within: place, depth: depth + 1 });
  }
  return null;
}
