import { SIDES, type DrawnFigure, type View, type Zone } from '@taxikine/core';

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

/** Trunk and hips once; knees, ankles and feet once a side, or once from the side where they coincide. */
export function zoneTargets(figure: DrawnFigure, view: View): ZoneTarget[] {
  const sides = view === 'side' ? (['right'] as const) : SIDES;
  const pairs = PAIRS.flatMap(({ zone, ring, word, nudge }) =>
    sides.map((side): ZoneTarget => {
      const ahead = view === 'side' ? (zone === 'foot' ? 26 : zone === 'ankle' ? -18 : 0) : 0;
      return {
        zone,
        says: view === 'side' ? word : `${side} ${word}`,
        at: figure.rings[`${ring}-${side}`],
        nudge: [ahead, nudge],
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
