import type { CareFor } from '@taxikine/core/safety/careOf';
import { standingOf } from '@taxikine/core/safety/standing';
import { painsOf } from '@taxikine/core/visit/painsOf';
import type { VisitFile } from '@taxikine/core/visit/visitFile';

/** What stands about the client of a visit, and what was told to hurt in it. */
export const careFor = ({ client, first, again }: VisitFile): CareFor => ({
  ...standingOf(client),
  pains: painsOf([first, again]),
});
