import type { MessageRecord } from './messageRecord';
import { MESSAGE_KINDS, UNSENT } from './messageRecord';
import { day, id, instant, J, oneOf, objectOf } from '../schemas/joi';

const address = () => J.string().max(200).required();

const delivery = J.alternatives().conditional('.state', {
  switch: [
    { is: 'sent', then: J.object({ state: 'sent', on: instant().required(), to: address() }) },
    {
      is: 'failed',
      then: J.object({
        state: 'failed',
        on: instant().required(),
        to: address().allow(null),
        why: oneOf(UNSENT).required(),
        said: J.string().max(400).allow(null).required(),
      }),
    },
  ],
});

/** A letter, as the API takes it. What the server alone knows of it is taken from an archive, never from a device. */
export const messageSchema = objectOf<MessageRecord>({
  id: id(),
  clientId: id(),
  kind: oneOf(MESSAGE_KINDS).required(),
  planId: J.when('kind', { is: 'plan-ready', then: id(), otherwise: J.valid(null) }),
  dueOn: J.when('kind', {
    is: 'review-due',
    then: day().required().label('day of the look'),
    otherwise: J.valid(null),
  }),
  askedOn: instant().required(),
  askedBy: J.string().guid({ version: 'uuidv4' }).allow(null).default(null),
  delivery: delivery.allow(null).default(null),
});
