import { json, Router, type RequestHandler } from 'express';
import { invalid } from '../ground/errors';
import { maybeUnsound } from '../ground/maybeUnsound';

/** A visit with all that is in it takes a tenth of it. */
const MOST = '200kb';
/** A picture comes as text in its record. */
const MOST_WITH_PICTURE = '1mb';

const sound: RequestHandler = (request, _response, next) => {
  const unsound = maybeUnsound(request.body);
  if (unsound) throw invalid(unsound.message, unsound.path, 'Nothing was written.');
  next();
};

/** Reads a body of JSON: its size first, then whether it is sound; what it says is for the schemas. */
export function jsonBody(): Router {
  const router = Router();
  router.use('/images', json({ limit: MOST_WITH_PICTURE }));
  router.use(json({ limit: MOST }), sound);
  return router;
}
