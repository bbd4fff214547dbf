import { page } from './enPage';
import { player, work } from './enWork';

/** Words of a client's own page, and of the player that it shares with the coach. */
export const enHome = { page, player, work };
