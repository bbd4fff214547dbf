import type { ClientFile } from '@taxikine/core';
import { buildFile } from './builder';
import { beekeeper } from './clients/beekeeper';
import { bellRinger } from './clients/bellRinger';
import { boatRestorer } from './clients/boatRestorer';
import { cellist } from './clients/cellist';
import { deckhand } from './clients/deckhand';
import { lighthouseKeeper } from './clients/lighthouseKeeper';
import { potter } from './clients/potter';
import { rower } from './clients/rower';
import { sailTrimmer } from './clients/sailTrimmer';
import { stonemason } from './clients/stonemason';

/** Everyone in the demo, with weeks of history that end today. All invented. */
export const demoFiles = (now: Date): ClientFile[] =>
  [
    potter,
    stonemason,
    lighthouseKeeper,
    deckhand,
    beekeeper,
    sailTrimmer,
    bellRinger,
    rower,
    cellist,
    boatRestorer,
  ].map((one) => buildFile(one, now));
