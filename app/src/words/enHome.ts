import { ladder } from './enLadder';
import { page } from './enPage';
import { player, work } from './enWork';

/** Words of a client's own page, and of the player and its rungs, which it shares with the coach. */
export const enHome = { ladder, page, player, work };
