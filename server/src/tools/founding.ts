import { ownerSource } from '../database/sources';
import { maybeFoundingLink } from '../founding/foundingLinks';

/** Called by `npm start`: prints the token of a link for the first practice, or nothing where there is one. */
const owner = await ownerSource(process.env.OWNER_URL ?? '').initialize();
console.log((await maybeFoundingLink(owner)) ?? '');
await owner.destroy();
