import type { Region } from '@taxikine/core/knowledge/regions';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';

/** A part of the body to tap: a joint of one side, or the middle of the trunk. */
export interface BodyPlace {
  readonly region: Region;
  /** null in the middle, where the side is asked. */
  readonly side: Side | null;
  /** Millimetres on the drawing, then pixels outward so that neighbours keep apart. */
  readonly at: readonly [x: number, y: number];
  readonly nudge: readonly [x: number, y: number];
}

type Point = readonly [number, number];

const middleOf = (a: Point, b: Point, share = 0.5): Point => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
];

/** Seen from behind, the client's left is on the left. */
const outward = (side: Side): number => (side === 'left' ? -1 : 1);

function placesOf({ rings }: DrawnFigure, side: Side): BodyPlace[] {
  const [knee, ankle] = [rings[`knee-${side}`], rings[`ankle-${side}`]];
  const place = (region: Region, at: Point, out = 0, down = 0): BodyPlace => ({
    region,
    side,
    at,
    nudge: [out * outward(side), down],
  });
  return [
    place('shoulder', rings[`shoulder-${side}`]),
    place('hip', rings[`hip-${side}`]),
    place('knee', knee),
    place('calf', middleOf(knee, ankle, 0.48)),
    place('ankle', ankle, 0, -4),
    place('foot', rings[`foot-${side}`], 44, 4),
  ];
}

/** Every place of a standing figure that history can be told of. */
export function bodyPlaces(figure: DrawnFigure): BodyPlace[] {
  const { chest, pelvis } = figure.rings;
  const neck: Point = [chest[0], chest[1] - 250];
  return [
    { region: 'neck', side: null, at: neck, nudge: [0, 0] },
    { region: 'back', side: null, at: middleOf(pelvis, chest, 0.38), nudge: [0, 0] },
    ...placesOf(figure, 'left'),
    ...placesOf(figure, 'right'),
  ];
}
