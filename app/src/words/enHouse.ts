import { account } from './enAccount';
import { deeds } from './enDeeds';
import { people } from './enPeople';
import { settings } from './enSettings';

/** Words of the house: who is of it, what they did, and a coach's own account. */
export const enHouse = { account, deeds, people, settings };
