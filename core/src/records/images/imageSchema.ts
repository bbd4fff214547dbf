import type { ImageRecord } from './imageRecord';
import { J, id, objectOf } from '../schemas/joi';
import { jpegProblem } from '../../foundation/bytes/jpegProblem';
import { bytesOfBase64 } from '../../foundation/bytes/bytesOfBase64';

/** Characters of base64: about 640 kilobytes of picture. */
const MOST_BASE64 = 880_000;

/** A picture that is kept: nothing but its pixels. Null once it was let go. */
export const imageSchema = objectOf<ImageRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  jpeg: J.string()
    .base64()
    .max(MOST_BASE64)
    .allow(null)
    .required()
    .label('picture')
    .custom((text: string, helpers) => {
      const problem = jpegProblem(bytesOfBase64(text));
      return problem ? helpers.message({ custom: `{{#label}} ${problem}` }) : text;
    })
    .messages({ 'string.max': '{{#label}} is too large to be kept: at most 640 kB' }),
});
