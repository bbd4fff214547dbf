import type { DrillLoad } from '../../knowledge/drillLoad';
import { oneNotYet, type NotYetId } from '../../knowledge/notYet';
import { oneRegion, placeWords } from '../../knowledge/regions';
import type { MaybeSide } from '../../foundation/sides/side';
import { askOf } from './askOf';
import type { Done, FlagEffect } from './jointRules';
import { mayBeSameSide } from './loadAt';
import { loadWhere } from './loadWhere';
import type { NotYetAllowed } from '../../records/case/notYetAllowed';

/** What is done where something is not allowed yet; without a place, the whole of it. */
interface DoneWhere {
  readonly load: DrillLoad;
  readonly at: NotYetAllowed['place'];
  readonly side: MaybeSide;
}

const isBorne = ({ carries, arms }: DrillLoad): boolean =>
  carries === 'body' || carries === 'weight' || arms !== undefined;

function goesToEnd({ load, at }: DoneWhere): boolean {
  const isFar = load.ownEnd ? ['half', 'end'] : ['end'];
  const row = at && oneRegion(at.region);
  const reaches = row ? row.joints.map((joint) => load.joints[joint]) : Object.values(load.joints);
  const isBack = !row || row.isBack === true;
  return (
    reaches.some((reach) => reach !== undefined && isFar.includes(reach)) ||
    (isBack && (load.back === 'rounds' || load.back === 'turns'))
  );
}

/** What each thing that is not allowed yet is in a load. A new one is a line here and in `NOT_YET`. */
const DOES: Readonly<Record<NotYetId, (done: DoneWhere) => boolean>> = {
  loading: ({ load, at }) => (at ? askOf(oneRegion(at.region), load) !== 'nothing' : isBorne(load)),
  weight: ({ load }) => load.carries === 'weight',
  end: goesToEnd,
  'one-leg': ({ load, at, side }) => load.stance === 'one' && mayBeSameSide(at?.side, side),
  kneeling: ({ load }) => load.on === 'knees',
};

const isPattern = ({ drill }: Done): boolean =>
  drill?.family === 'pattern' || drill?.family === 'fit';

function maybeEffect(done: Done, { by, place, not }: NotYetAllowed): FlagEffect[] {
  const load = place ? loadWhere(place, done.load, done.side) : done.load;
  const where = place ? ` for the ${placeWords(place.region, place.side)}` : '';
  return not
    .filter((one) => DOES[one]({ load, at: place, side: done.side }))
    .map((one): FlagEffect => {
      const { words } = oneNotYet(one);
      // A pattern goes on until somebody stops it: it is practised higher rather than left out.
      return one === 'end' && isPattern(done)
        ? {
            flag: 'clearance',
            effect: 'easier',
            says: `Well short of the end of the range${where}, as ${by} said.`,
          }
        : {
            flag: 'clearance',
            effect: 'forbidden',
            says: `${by} has not allowed ${words}${where} yet`,
          };
    });
}

/** What clinicians have not allowed yet, held against what is done. */
export const notYetEffects = (
  done: Done,
  notYet: readonly NotYetAllowed[] = [],
): readonly FlagEffect[] => notYet.flatMap((one) => maybeEffect(done, one));
