import { ownerSource } from '../database/sources';
import { makePractice, type NewPractice } from '../founding/makePractice';

/** Called by `npm run practice`: makes one practice with its coaches from a JSON description. */
const owner = await ownerSource(process.env.OWNER_URL ?? '').initialize();
await makePractice(owner, JSON.parse(process.env.PRACTICE ?? '{}') as NewPractice);
await owner.destroy();
