import { randomUUID } from 'node:crypto';
import { setTimeout as delay } from 'node:timers/promises';
import { seeded } from '@taxikine/core';
import { newClient } from '../../core/tests/madeUp';
import { count, type Count } from './count';
import { Device, type Shared } from './Device';
import { FAULTS, type Fault } from './FAULTS';
import { House, type Programs } from './House';
import { Tally } from './Tally';
import { Wire } from './Wire';

export interface Wanted {
  readonly faults: number;
  /** Goes on until so many writes were acknowledged meanwhile, too. */
  readonly writes: number;
  readonly devices: number;
  readonly seed: number;
  /** Between two faults of a lane, on average. */
  readonly everyMs: { readonly house: number; readonly database: number };
  /** No more faults after so long. */
  readonly withinMs: number;
  /** At the end, for letters that a worker died with. */
  readonly lettersWithinMs: number;
  /** Ends it before its time. */
  readonly enough?: AbortSignal;
  /** Where it is, for whoever waits. */
  readonly say?: (words: string) => void;
}

export interface Outcome extends Count {
  readonly acknowledged: number;
  readonly turnedAway: number;
  readonly worstMs: number;
  /** What came in the meantime, and when. */
  readonly worst: string;
  readonly seconds: number;
  /** How often each came, and how long it took at most until the next one of its lane could come. */
  readonly struck: ReadonlyMap<string, Struck>;
}

const inLane = (lane: Fault['lane']): Fault[] => FAULTS.filter((fault) => fault.lane === lane);

interface Struck {
  readonly times: number;
  readonly longestMs: number;
}

/** Each fault in turn at first, so that none is left out; then as their weights have it. */
function* order(lane: Fault['lane'], chance: () => number): Generator<Fault> {
  const own = inLane(lane);
  yield* own;
  const urn = own.flatMap((fault) => Array.from({ length: fault.weight }, () => fault));
  for (;;) yield urn[Math.floor(urn.length * chance())]!;
}

const LOOK_AGAIN_MS = 50;

/** Does what has to be done to the house, lane beside lane, until it was enough. */
async function strike(house: House, tally: Tally, wanted: Wanted): Promise<Map<string, Struck>> {
  const struck = new Map<string, Struck>();
  const total = () => [...struck.values()].reduce((sum, { times }) => sum + times, 0);
  const until = performance.now() + wanted.withinMs;
  const isEnough = (name: Fault['lane']) =>
    wanted.enough?.aborted ||
    performance.now() > until ||
    (total() >= wanted.faults &&
      tally.acknowledged >= wanted.writes &&
      inLane(name).every((fault) => struck.has(fault.name)));
  /**
   * Once there were faults enough, the next one waits until something was acknowledged since the last: a house
   * on a slow machine would otherwise be knocked down faster than it stands up, and never get to the writes.
   */
  const stoodUp = async (since: number) => {
    const isWaiting = () => total() >= wanted.faults && tally.acknowledged === since;
    while (isWaiting() && performance.now() < until && !wanted.enough?.aborted)
      await delay(LOOK_AGAIN_MS);
  };
  const lane = async (name: Fault['lane'], seed: number) => {
    const chance = seeded(seed);
    for (const fault of order(name, chance)) {
      if (isEnough(name)) return;
      const { times, longestMs } = struck.get(fault.name) ?? { times: 0, longestMs: 0 };
      struck.set(fault.name, { times: times + 1, longestMs });
      if (total() % 50 === 0) wanted.say?.(`${total()} faults`);
      const since = performance.now();
      const acknowledged = tally.acknowledged;
      await fault.strike(house, chance);
      const took = Math.max(longestMs, performance.now() - since);
      struck.set(fault.name, { times: times + 1, longestMs: took });
      await delay(2 * wanted.everyMs[name] * chance());
      await stoodUp(acknowledged);
    }
  };
  await Promise.all([lane('house', wanted.seed), lane('database', wanted.seed + 1)]);
  return struck;
}

/**
 * Devices write through two servers while everything that holds them is killed, cut and held in turn; and once they
 * are through and the primary is lost a last time, what is there is counted against what they were promised.
 */
export async function runFaults(
  programs: Programs,
  home: string,
  wanted: Wanted,
): Promise<Outcome> {
  const house = await House.make(programs, home, 26_000);
  const tally = new Tally();
  const common = newClient({ name: 'Everybody’s' });
  const shared: Shared = {
    tally,
    common,
    chance: seeded(wanted.seed),
    now: new Date().toISOString(),
  };
  const wire = () => new Wire(house.proxy.url, house.proxy.cert);
  try {
    const began = performance.now();
    await settleCommon(house, wire(), shared);
    let isOver = false;
    const working = Array.from({ length: wanted.devices }, (_, i) =>
      new Device(house.coaches[i % house.coaches.length]!, wire(), shared)
        .work(() => isOver)
        .catch((error: Error) => void tally.wrong.push(error.message)),
    );
    const struck = await strike(house, tally, wanted);
    isOver = true;
    await Promise.all(working);
    const seconds = (performance.now() - began) / 1000;
    await house.pair.loseThePrimary(() => house.followPrimary());
    const { acknowledged, turnedAway, worstMs, worst } = tally;
    const reader = wire();
    await knock(house, reader);
    const counted = await count(reader, tally, {
      outbox: house.outbox,
      lettersWithinMs: wanted.lettersWithinMs,
    });
    reader.close();
    return { ...counted, acknowledged, turnedAway, worstMs, worst, seconds, struck };
  } finally {
    await house.end();
  }
}

/** Signs in, once the house can answer. */
async function knock(house: House, wire: Wire): Promise<void> {
  wire.cookie = (
    await wire.until({ method: 'POST', path: '/session', body: house.coaches[0] })
  ).cookie;
}

/** The client whom all of them change is there before they are. */
async function settleCommon(house: House, wire: Wire, { common, tally }: Shared): Promise<void> {
  await knock(house, wire);
  const body = { writeId: randomUUID(), version: 0, record: common };
  await wire.until({ method: 'PUT', path: `/clients/${common.id}`, body });
  tally.wrote(common.id, { clientId: common.id, kind: 'clients', last: null });
  wire.close();
}
