import { setTimeout as delay } from 'node:timers/promises';
import type { House, Member } from './House';

export interface Fault {
  readonly name: string;
  /** Of faults of its lane, so many to one of the others. */
  readonly weight: number;
  /** Faults of one lane come one after the other; the lanes go side by side. */
  readonly lane: 'house' | 'database';
  /** Resolves once the next one of its lane may come. */
  readonly strike: (house: House, chance: () => number) => Promise<void>;
}

const STILL_MS = 1500;

const one = <T>(all: readonly T[], chance: () => number): T =>
  all[Math.floor(all.length * chance())]!;

const signal = (member: Member, what: NodeJS.Signals): void => void member.now()?.kill(what);

async function freeze(member: Member): Promise<void> {
  signal(member, 'SIGSTOP');
  await delay(STILL_MS);
  signal(member, 'SIGCONT');
}

async function hold({ line }: Member): Promise<void> {
  line.hold();
  await delay(STILL_MS);
  line.release();
}

const everybody = ({ servers, workers }: House): Member[] => [...servers, ...workers];

/** Everything that is done to the house. A new fault is one row here. */
export const FAULTS: readonly Fault[] = [
  {
    name: 'a server killed',
    weight: 5,
    lane: 'house',
    strike: async ({ servers }, chance) => signal(one(servers, chance), 'SIGKILL'),
  },
  {
    name: 'a server told to stop',
    weight: 2,
    lane: 'house',
    strike: async ({ servers }, chance) => signal(one(servers, chance), 'SIGTERM'),
  },
  {
    name: 'a server that stands still for 1.5 s',
    weight: 2,
    lane: 'house',
    strike: ({ servers }, chance) => freeze(one(servers, chance)),
  },
  {
    name: 'a worker killed',
    weight: 4,
    lane: 'house',
    strike: async ({ workers }, chance) => signal(one(workers, chance), 'SIGKILL'),
  },
  {
    name: 'a line to the database cut',
    weight: 6,
    lane: 'house',
    strike: async (house, chance) => one(everybody(house), chance).line.cut(),
  },
  {
    name: 'a line to the database dead for 1.5 s',
    weight: 3,
    lane: 'house',
    strike: (house, chance) => hold(one(everybody(house), chance)),
  },
  {
    name: 'the proxy killed',
    weight: 3,
    lane: 'house',
    strike: ({ proxy }) => proxy.kill(),
  },
  {
    name: 'the proxy told to read its settings anew',
    weight: 1,
    lane: 'house',
    strike: async ({ proxy }) => proxy.reload(),
  },
  {
    name: 'the standby killed',
    weight: 3,
    lane: 'database',
    strike: ({ pair }) => pair.killStandby(),
  },
  {
    name: 'the primary killed, and back',
    weight: 3,
    lane: 'database',
    strike: ({ pair }) => pair.killPrimary(),
  },
  {
    name: 'the primary lost, and the standby promoted',
    weight: 1,
    lane: 'database',
    strike: (house) => house.pair.loseThePrimary(() => house.followPrimary()),
  },
];
