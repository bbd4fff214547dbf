import type { Weights } from '../../knowledge/ladders/weights';
import type { RoomRecord } from './roomRecord';
import type { Sized } from '../../knowledge/ladders/weights';
import { id, J, objectOf } from '../schemas/joi';

const sizes = (most: number) =>
  J.array()
    .items(
      objectOf<Sized>({
        kg: J.number().min(0.25).max(200).required().label('kg'),
        count: J.number().integer().min(1).max(40).required().label('count'),
      }),
    )
    .unique((a: Sized, b: Sized) => a.kg === b.kg)
    .max(most)
    .required();

/** What there is in a practice to load with. */
export const roomSchema = objectOf<RoomRecord>({
  id: id(),
  weights: objectOf<Weights>({
    dumbbells: sizes(60),
    plates: sizes(20),
    handles: J.number().integer().min(0).max(8).required().label('handles'),
    handleKg: J.number().min(0).max(25).required().label('handleKg'),
  }).required(),
});
