import {
  asSentence,
  drillOf,
  maybeBarred,
  maybeLadder,
  maybeRungAgainst,
  oneRung,
  painsOf,
  standingOf,
  type ClientFile,
  type DrillRecord,
} from '@taxikine/core';
import type { ErrorShape } from '../ground/errors';

type Known = Pick<ClientFile, 'client' | 'looks'>;

const painsIn = ({ looks }: Known, { visitId }: DrillRecord) =>
  painsOf(looks.filter((look) => look.visitId === visitId));

/** What a standing fact about the client, or a pain of the visit it is planned in, says against a drill; null when nothing does. */
export function maybeBarredDrill(known: Known, drill: DrillRecord): ErrorShape | null {
  const about = { ...standingOf(known.client), pains: painsIn(known, drill) };
  const barred = maybeBarred(drillOf(drill), drill.side, about);
  return (
    barred && {
      code: 'blocked',
      message: `Not for this client: ${barred.says}.`,
      path: 'drill',
      hint: 'Choose another drill for the same cause.',
    }
  );
}

/** What is said against the rung of a drill, though its ladder may be climbed; null when nothing is, or it has none. */
export function maybeBarredRung(known: Known, drill: DrillRecord): ErrorShape | null {
  const ladder = maybeLadder(drill.drill);
  if (!drill.rung || !ladder) return null;
  const pains = drill.status === 'planned' ? painsIn(known, drill) : [];
  const about = { ...standingOf(known.client), pains };
  const against = maybeRungAgainst(ladder, oneRung(ladder, drill.rung.rung), drill.side, about);
  return against === null
    ? null
    : {
        code: 'blocked',
        message: `Not this rung for this client. ${asSentence(against)}`,
        path: 'rung.rung',
        hint: 'Take a lower rung.',
      };
}
