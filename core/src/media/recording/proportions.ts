import { bodyOf, meanLength, type Segments } from '../../body/segments/body';
import { PLAUSIBLE } from '../../body/segments/bodyProblems';
import { SIDES, type Side } from '../../foundation/sides/side';
import { jointOf, middle } from './scene';
import type { RecordingHead } from '../../records/recordings/recording';
import type { Path } from './uniform';
import { isSideView, type Upright } from './upright';

/** Mean distance of two points while the body stands. */
function apart(scene: Upright, a: Path | null, b: Path | null): number | null {
  if (!a || !b) return null;
  const { standing } = scene;
  const mean = (values: Float32Array, others: Float32Array) =>
    standing.reduce((sum, i) => sum + values[i] - others[i], 0) / standing.length;
  return Math.hypot(mean(a.x, b.x), mean(a.z, b.z));
}

/**
 * Thigh, shank and trunk as the recording shows them: long thighs fold a body forward, and that is no
 * fault. Only from the side, where they lie in the picture, and only what a tape could have read.
 *
 * @returns metres; empty where nothing can be said
 */
export function proportionsOf(scene: Upright, { heightM, massKg }: RecordingHead): Segments {
  if (!isSideView(scene.view) || scene.pixelsPerMetre === null || heightM === undefined) return {};
  const usual = bodyOf(heightM, massKg ?? 22 * heightM * heightM);
  const at = (side: Side, part: 'hip' | 'knee' | 'ankle') =>
    scene.paths.get(jointOf(side, part)) ?? null;
  const ofLegs = (upper: 'hip' | 'knee', lower: 'knee' | 'ankle') => {
    const both = SIDES.flatMap((side) => apart(scene, at(side, upper), at(side, lower)) ?? []);
    return both.length === 0 ? null : both.reduce((sum, one) => sum + one, 0) / both.length;
  };
  const found = {
    thighM: [ofLegs('hip', 'knee'), meanLength(usual, 'thighM')],
    shankM: [ofLegs('knee', 'ankle'), meanLength(usual, 'shankM')],
    trunkM: [apart(scene, middle(scene, 'shoulder'), middle(scene, 'hip')), usual.trunkM],
  } as const;
  return Object.fromEntries(
    Object.entries(found).flatMap(([name, [length, expected]]) => {
      if (length === null) return [];
      const share = length / expected;
      return share > PLAUSIBLE.least && share < PLAUSIBLE.most ? [[name, length]] : [];
    }),
  );
}
