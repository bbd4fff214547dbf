import { planParts, reached } from '../lib/parts/planParts.mjs';

interface Module {
  text: string;
  deps: number[];
}

const modulesOf = (rows: readonly (readonly [id: number, bytes: number, deps: number[]])[]) =>
  new Map<number, Module>(rows.map(([id, bytes, deps]) => [id, { text: 'x'.repeat(bytes), deps }]));

const planOf = (
  modules: Map<number, Module>,
  parts: Record<string, number>,
  {
    doors = {},
    first = [],
  }: { doors?: Record<string, (name: string) => boolean>; first?: string[] } = {},
) =>
  planParts({
    modules,
    runs: [0],
    parts: new Map(Object.entries(parts)),
    doors,
    first: new Set(first),
  });

const filesOf = (plan: ReturnType<typeof planOf>, name: string): number[] =>
  plan.groups
    .filter(({ names }) => names.has(name))
    .flatMap(({ ids }) => ids)
    .sort((a, b) => a - b);

it('what everything begins with is in the entry and nowhere else', () => {
  const modules = modulesOf([
    [0, 10, [1]],
    [1, 10, []],
    [2, 10, [1, 3]],
    [3, 10, []],
  ]);
  const plan = planOf(modules, { screen: 2 });
  expect(plan.entry).toEqual([0, 1]);
  expect(filesOf(plan, 'screen')).toEqual([2, 3]);
});

it('what two parts share is one file of its own, when it is worth a request', () => {
  const modules = modulesOf([
    [0, 10, []],
    [1, 50_000, [3]],
    [2, 50_000, [3]],
    [3, 50_000, []],
  ]);
  const plan = planOf(modules, { a: 1, b: 2 });
  expect(plan.groups).toHaveLength(3);
  expect(filesOf(plan, 'a')).toEqual([1, 3]);
  expect(filesOf(plan, 'b')).toEqual([2, 3]);
});

it('crumbs are laid together: a request costs more than what is fetched in vain', () => {
  const modules = modulesOf([
    [0, 10, []],
    [1, 900, [3]],
    [2, 900, [3]],
    [3, 900, []],
  ]);
  expect(planOf(modules, { a: 1, b: 2 }).groups).toHaveLength(1);
});

it('a part that is waited for most is not made to fetch what it does not need', () => {
  const rows: [number, number, number[]][] = [
    [0, 10, []],
    [1, 9000, [3]],
    [2, 9000, [3]],
    [3, 9000, []],
  ];
  const calm = planOf(modulesOf(rows), { a: 1, b: 2 });
  const waited = planOf(modulesOf(rows), { a: 1, b: 2 }, { first: ['a'] });
  expect(filesOf(calm, 'a')).toEqual([1, 2, 3]);
  expect(filesOf(waited, 'a')).toEqual([1, 3]);
});

it('what is behind a door finds there what the door has brought', () => {
  const modules = modulesOf([
    [0, 10, []],
    [1, 50_000, [3]],
    [2, 50_000, [3]],
    [3, 50_000, []],
  ]);
  const plan = planOf(
    modules,
    { door: 1, room: 2 },
    { doors: { door: (name) => name === 'room' } },
  );
  expect(filesOf(plan, 'door')).toEqual([1, 3]);
  expect(filesOf(plan, 'room')).toEqual([2]);
});

/** A small generator of numbers with a seed: the same every time. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function randomApp(seed: number) {
  const random = seeded(seed);
  const count = 60;
  const rows = Array.from({ length: count }, (_, id): [number, number, number[]] => [
    id,
    Math.floor(random() * 30_000),
    // Circles are as usual as they are in real life.
    Array.from({ length: Math.floor(random() * 4) }, () => 1 + Math.floor(random() * (count - 1))),
  ]);
  rows[0][2] = [5];
  const parts = Object.fromEntries(
    Array.from({ length: 6 }, (_, i) => [`part${i}`, 10 + Math.floor(random() * 50)]),
  );
  return { modules: modulesOf(rows), parts };
}

it.each(Array.from({ length: 40 }, (_, seed) => [seed]))(
  'random app %i: every part has all it needs, and nothing is in two files',
  (seed) => {
    const { modules, parts } = randomApp(seed);
    const plan = planOf(modules, parts);
    const entry = new Set(plan.entry);
    const all = [...plan.entry, ...plan.groups.flatMap(({ ids }) => ids)];
    expect(new Set(all).size).toBe(all.length);
    for (const [name, root] of Object.entries(parts)) {
      const there = new Set(filesOf(plan, name));
      for (const id of reached(modules, [root])) expect(entry.has(id) || there.has(id)).toBe(true);
    }
  },
);
