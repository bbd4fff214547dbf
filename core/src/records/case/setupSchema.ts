import type { Setup } from '../../body/stance/setup';
import { J, side, oneOf, objectOf } from '../schemas/joi';
import { ARMS, HANDS, LOAD_PLACES, TEMPOS, SHOES } from '../../body/stance/setup';

const toeOut = () => J.number().min(-20).max(60).required();

export const setupSchema = objectOf<Setup>({
  stanceCm: J.number().min(8).max(140).required().label('stance'),
  toeOutDeg: objectOf<Setup['toeOutDeg']>({ left: toeOut(), right: toeOut() }).required(),
  heelLiftMm: J.number().min(0).max(120).required().label('heel lift'),
  frontFootLiftMm: J.number().min(0).max(500),
  front: side(),
  stepCm: J.number().min(10).max(160).label('step'),
  oneLeg: side(),
  oneHeelUp: side(),
  arms: oneOf(ARMS).required(),
  hands: oneOf(HANDS).required(),
  load: objectOf<Setup['load']>({
    at: oneOf(LOAD_PLACES).required(),
    kg: J.number().min(0).max(400).required(),
  }).required(),
  tempo: oneOf(TEMPOS).required(),
  depthAimDeg: J.number().min(-40).max(80),
  shoes: oneOf(SHOES).required(),
});
