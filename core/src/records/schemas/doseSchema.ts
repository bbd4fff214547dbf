import { J } from './joi';

const sets = () => J.number().integer().min(1).max(10).required().label('sets');

/** What is done of a drill, within what a body can be asked for. */
export const doseSchema = () =>
  J.alternatives().try(
    J.object({
      by: J.valid('reps').required(),
      reps: J.number().integer().min(1).max(50).required().label('reps'),
      sets: sets(),
      secondsEach: J.number().min(1).max(60).required().label('secondsEach'),
    }),
    J.object({
      by: J.valid('hold').required(),
      seconds: J.number().min(5).max(600).required().label('seconds'),
      sets: sets(),
    }),
    J.object({
      by: J.valid('breaths').required(),
      breaths: J.number().integer().min(1).max(30).required().label('breaths'),
      sets: sets(),
    }),
  );
