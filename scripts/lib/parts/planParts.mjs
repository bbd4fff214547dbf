/** One request more costs a part about as much as so many bytes (before compression) that it does not need. */
const REQUEST = 12_000;

/** Ids of everything that runs when `from` does. */
export function reached(modules, from) {
  const seen = new Set();
  const open = [...from];
  while (open.length > 0) {
    const id = open.pop();
    if (seen.has(id) || !modules.has(id)) continue;
    seen.add(id);
    open.push(...modules.get(id).deps);
  }
  return seen;
}

/** Which parts need each module; what is behind a door does not need what the door has brought. */
function neededBy(modules, parts, entry, doors) {
  const needs = new Map();
  for (const [name, root] of parts)
    for (const id of reached(modules, [root]))
      if (!entry.has(id)) needs.set(id, (needs.get(id) ?? new Set()).add(name));
  for (const names of needs.values())
    for (const [door, isBehind] of Object.entries(doors))
      if (names.has(door))
        for (const name of [...names]) if (name !== door && isBehind(name)) names.delete(name);
  return needs;
}

const keyOf = (names) => [...names].sort().join(' ');

function grouped(modules, needs) {
  const groups = new Map();
  for (const [id, names] of needs) {
    const key = keyOf(names);
    const group = groups.get(key) ?? { names, ids: [], bytes: 0 };
    group.ids.push(id);
    group.bytes += modules.get(id).text.length;
    groups.set(key, group);
  }
  return [...groups.values()];
}

const merged = (a, b) => ({
  names: new Set([...a.names, ...b.names]),
  ids: [...a.ids, ...b.ids],
  bytes: a.bytes + b.bytes,
});

/** What is saved if two groups are one file: requests of parts that need both, less what others fetch in vain. */
function gain(a, b, first) {
  let sum = 0;
  for (const name of merged(a, b).names) {
    const inVain = (a.names.has(name) ? 0 : a.bytes) + (b.names.has(name) ? 0 : b.bytes);
    if (inVain > 0 && first.has(name)) return -Infinity;
    sum += inVain === 0 ? REQUEST : -inVain;
  }
  return sum;
}

/** The two groups that are better together than any other two, or null when all are best apart. */
function maybeBestPair(groups, first) {
  let best = null;
  groups.forEach((a, i) =>
    groups.slice(i + 1).forEach((b) => {
      const saved = gain(a, b, first);
      if (saved > (best?.saved ?? 0)) best = { a, b, saved };
    }),
  );
  return best;
}

/** Lays groups together as long as anything is saved by it. */
function tidied(groups, first) {
  const pair = maybeBestPair(groups, first);
  if (!pair) return groups;
  const rest = groups.filter((one) => one !== pair.a && one !== pair.b);
  return tidied([...rest, merged(pair.a, pair.b)], first);
}

/**
 * Cuts an app into files: one that everything begins with, one or none of each part's own, and those
 * that several parts share. A part needs every file that one of its modules is in.
 *
 * @param modules {Map<number, { text: string, deps: number[] }>}
 * @param runs ids that run at once
 * @param parts {Map<string, number>} name of each part and the id of the module it begins with
 * @param doors by the name of a part that others are reached through, which ones: they find its modules there
 * @param first names of the parts that get nothing in vain: they are waited for in front of a closed door, or are
 *   somebody else's
 * @returns {{ entry: number[], groups: { names: Set<string>, ids: number[], bytes: number }[] }}
 */
export function planParts({ modules, runs, parts, doors, first }) {
  const entry = reached(modules, runs);
  const groups = tidied(grouped(modules, neededBy(modules, parts, entry, doors)), first);
  const inOrder = (ids) => [...ids].sort((a, b) => a - b);
  return {
    entry: inOrder(entry),
    groups: groups.map((group) => ({ ...group, ids: inOrder(group.ids) })),
  };
}
