import { hash, verify } from '@node-rs/argon2';

export const hashOfPassword = (password: string): Promise<string> => hash(password);

/** A hash of nothing anybody knows: checking against it takes as long as for a real coach. */
const NOBODY = hash(crypto.randomUUID());

export const passwordFits = async (hashed: string | null, password: string): Promise<boolean> => {
  const fits = await verify(hashed ?? (await NOBODY), password);
  return hashed !== null && fits;
};
