import type { View, Zone } from '@taxikine/core/body/stance/patterns';
import { otherSide, SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import type { DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';

/** A place on the figure to tap. */
export interface ZoneTarget {
  readonly zone: Zone;
  /** What a screen reader calls it: "left knee". */
  readonly says: string;
  /** Millimetres on the drawing, then pixels to move the target clear of its neighbours. */
  readonly at: readonly [x: number, y: number];
  readonly nudge: readonly [x: number, y: number];
}

const PAIRS = [
  { zone: 'knee', ring: 'knee', word: 'knee', nudge: 0 },
  { zone: 'ankle', ring: 'ankle', word: 'ankle', nudge: -20 },
  { zone: 'foot', ring: 'foot', word: 'foot', nudge: 22 },
] as const;

/** From the side the foot is just ahead of its ankle: the two give way to each other, in pixels. */
const ASIDE = { knee: 0, ankle: -18, foot: 26 } as const;

/** In a deep step the rear knee comes down beside the front ankle: they give way to each other. */
function stepAside({ rings }: DrawnFigure, zone: keyof typeof ASIDE, side: Side): number {
  const step = rings[`ankle-${side}`][0] - rings[`ankle-${otherSide(side)}`][0];
  const facing = Math.sign(rings['foot-left'][0] - rings['ankle-left'][0]);
  const isFront = Math.sign(step) === facing;
  if (zone === 'foot') return facing * ASIDE.foot;
  if (zone === 'knee') return isFront ? 0 : -facing * 24;
  return facing * (isFront ? 6 : ASIDE.ankle);
}

/**
 * Trunk and hips once; knees, ankles and feet once a side, or once from the side where they coincide:
 * in a step they do not.
 */
export function zoneTargets(figure: DrawnFigure, view: View, staggered = false): ZoneTarget[] {
  const coincide = view === 'side' && !staggered;
  const sides = coincide ? (['right'] as const) : SIDES;
  const pairs = PAIRS.flatMap(({ zone, ring, word, nudge }) =>
    sides.map((side): ZoneTarget => {
      const aside = coincide ? ASIDE[zone] : view === 'side' ? stepAside(figure, zone, side) : 0;
      return {
        zone,
        says: coincide ? word : `${side} ${word}`,
        at: figure.rings[`${ring}-${side}`],
        nudge: [aside, nudge],
      };
    }),
  );
  return [
    { zone: 'trunk', says: 'trunk', at: figure.rings.chest, nudge: [0, 0] },
    {
      zone: 'hips',
      says: 'hips',
      at: view === 'side' ? figure.rings['hip-right'] : figure.rings.pelvis,
      nudge: [0, 0],
    },
    ...pairs,
  ];
}
