import { J } from './joi';

/** An address that can be written to; of no particular part of the world. */
export const emailSchema = () => J.string().max(200).email({ tlds: false });
