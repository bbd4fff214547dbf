import { CHECKS, type CheckRow } from '../../src/knowledge/checks';
import { canBeSeen, FAULTS, type FaultRow } from '../../src/knowledge/faults';
import { FLAGS } from '../../src/knowledge/flags';
import { GRADES, isStaggered, PATTERNS } from '../../src/body/stance/patterns';
import { REGIONS } from '../../src/knowledge/regions';
import { SIDES } from '../../src/foundation/sides/side';
import { PAIN_KINDS } from '../../src/records/case/caseFile';
import { usualSetup } from '../../src/body/solver/usualSetup';
import { chance, oneOf, type Random } from '../calibration/client';

const upTo = (random: Random, most: number): number => Math.floor(random() * (most + 1));
const between = (random: Random, least: number, most: number): number =>
  Math.round(least + random() * (most - least));
const some = <T>(random: Random, values: readonly T[], most: number): T[] => [
  ...new Set(Array.from({ length: upTo(random, most) }, () => oneOf(random, values))),
];

function faultsOf(random: Random, rows: readonly FaultRow[]) {
  return some(random, rows, 4).map((row) => ({
    fault: row.id,
    ...(row.sided === 'none' ? {} : { side: oneOf(random, SIDES) }),
    phase: oneOf(random, row.phases),
    grade: oneOf(random, GRADES),
  }));
}

function readingOf(random: Random, row: CheckRow): object {
  if (row.type !== 'range') return { result: oneOf(random, row.results) };
  const [mean, sd] = chance(random, 0.5) ? row.norm.usual : row.norm.restricted;
  const { least, most, unit } = row.norm;
  const value = Math.min(most, Math.max(least, between(random, mean - sd, mean + sd)));
  const mode = row.modes[0];
  return { [mode]: value, unit, ...(chance(random, 0.4) ? { felt: oneOf(random, row.felt) } : {}) };
}

const checksOf = (random: Random, isLoaded: boolean) =>
  some(
    random,
    (CHECKS as readonly CheckRow[]).filter(({ needs }) => needs !== 'load' || isLoaded),
    8,
  ).map((row) => ({
    check: row.id,
    ...(row.sided ? { side: oneOf(random, SIDES) } : {}),
    ...readingOf(random, row),
  }));

const painsOf = (random: Random) =>
  Array.from({ length: upTo(random, 2) }, () => ({
    region: oneOf(random, REGIONS),
    side: oneOf(random, SIDES),
    phase: oneOf(random, ['down', 'bottom', 'up'] as const),
    score: between(random, 1, 9),
    kind: oneOf(random, PAIN_KINDS),
  }));

const replacedOf = (random: Random) => ({
  what: 'operation',
  region: oneOf(random, ['hip', 'knee'] as const),
  side: oneOf(random, SIDES),
  replaced: true,
  ...(chance(random, 0.7) ? { mostDeg: between(random, 60, 120) } : {}),
});

/** A made-up case as a coach could write it down: anybody, with anything, in any state of asking. */
export function randomCase(random: Random): object {
  const pattern = oneOf(random, PATTERNS);
  const heightM = between(random, 150, 200) / 100;
  const front = isStaggered(pattern) ? { front: oneOf(random, SIDES) } : {};
  const setup = { ...usualSetup(pattern, heightM), ...front };
  const flags = some(
    random,
    FLAGS.map(({ id }) => id),
    2,
  );
  const seen = (FAULTS as readonly FaultRow[]).filter((row) => canBeSeen(row, pattern, setup));
  const isReplaced = flags.includes('joint-replacement') && chance(random, 0.5);
  return {
    format: 'taxikine-case',
    version: 1,
    client: {
      heightM,
      massKg: between(random, 50, 110),
      flags,
      history: isReplaced ? [replacedOf(random)] : [],
      given:
        flags.includes('prosthesis') && chance(random, 0.5)
          ? [{ cause: 'prosthesis', side: oneOf(random, SIDES), region: 'calf' }]
          : [],
    },
    look: { pattern, setup, faults: faultsOf(random, seen), pain: painsOf(random) },
    checks: checksOf(random, setup.load.at !== 'none'),
    session: { minutes: between(random, 6, 30), next: oneOf(random, ['training', 'rest']) },
  };
}
