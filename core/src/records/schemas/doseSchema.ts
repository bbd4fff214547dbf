import type { Dose } from '../../knowledge/drillRow';
import { J, oneOf, objectOf } from './joi';

type Dosed<By> = Extract<Dose, { by: By }>;

const sets = () => J.number().integer().min(1).max(10).required().label('sets');

/** What is done of a drill, within what a body can be asked for. */
export const doseSchema = () =>
  J.alternatives().try(
    objectOf<Dosed<'reps'>>({
      by: oneOf(['reps']).required(),
      reps: J.number().integer().min(1).max(50).required().label('reps'),
      sets: sets(),
      secondsEach: J.number().min(1).max(60).required().label('secondsEach'),
    }),
    objectOf<Dosed<'hold'>>({
      by: oneOf(['hold']).required(),
      seconds: J.number().min(5).max(600).required().label('seconds'),
      sets: sets(),
    }),
    objectOf<Dosed<'breaths'>>({
      by: oneOf(['breaths']).required(),
      breaths: J.number().integer().min(1).max(30).required().label('breaths'),
      sets: sets(),
    }),
  );
