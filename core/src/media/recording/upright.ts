import { bodyOf, meanLength, type Body } from '../../body/segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import { footOf } from '../../body/solver/feet';
import { stanceOf } from '../../body/solver/stance';
import { isStaggered } from '../../body/stance/patterns';
import { USUAL_SETUP } from '../../body/stance/setup';
import { SIDES, type Side } from '../../foundation/sides/side';
import { standingLeanRad, USUAL_HEIGHT_M } from './expected';
import type { Joint } from '../../records/recordings/joints';
import type { RecordingHead, RecordingView } from '../../records/recordings/recording';
import type { Repetition } from './repetitions';
import { jointOf, middle, type Part, type Scene } from './scene';
import type { Path } from './uniform';

/**
 * The scene as if the camera had been held upright and the person had faced the picture's right (seen
 * from the side) or turned the left side to the picture's right (from the front): `x` is forward, or
 * to the client's left; `z` is up. Metres where the scale is known, otherwise pixels.
 */
export interface Upright {
  readonly rate: number;
  readonly count: number;
  readonly view: RecordingView;
  readonly paths: ReadonlyMap<Joint, Path>;
  /** The whole pixels-to-metres story: null where nothing says how large anything is. */
  readonly pixelsPerMetre: number | null;
  /** How far the picture was found to be rolled, counter-clockwise, in radians. */
  readonly rollRad: number;
  /** Steps at which the person stands. */
  readonly standing: readonly number[];
}

export const isSideView = (view: RecordingView): boolean => view === 'right' || view === 'left';

/** What makes forward, or the client's left, point to the right. */
const directionOf = (view: RecordingView): 1 | -1 =>
  view === 'right' || view === 'front' ? 1 : -1;

/** So many standing steps tell enough; a long recording has more. */
const TELLING = 3000;

/** Evenly chosen. */
function thinned(steps: readonly number[]): readonly number[] {
  const every = Math.ceil(steps.length / TELLING);
  return every <= 1 ? steps : steps.filter((_, i) => i % every === 0);
}

/** Steps outside all repetitions; those where one begins if there are too few. */
function standingSteps(count: number, repetitions: readonly Repetition[]): readonly number[] {
  const standing: number[] = [];
  let next = 0;
  for (const { start, end } of repetitions) {
    for (let i = next; i < start; i++) standing.push(i);
    next = end + 1;
  }
  for (let i = next; i < count; i++) standing.push(i);
  if (standing.length >= 10) return thinned(standing);
  return repetitions.flatMap(({ start, end }) => [start, start + 1, end - 1, end]);
}

const meanAt = (values: Float32Array, steps: readonly number[]): number => {
  let sum = 0;
  for (const i of steps) sum += values[i];
  return sum / Math.max(1, steps.length);
};

/** Mean place of a path at some steps. */
const placeAt = (path: Path, steps: readonly number[]) => ({
  x: meanAt(path.x, steps),
  z: meanAt(path.z, steps),
});

/**
 * How far the picture is rolled: what the file says, or from what must be level or upright. From the
 * side the feet on the floor are level, without foot points a balanced standing body leans as the
 * model has it; from front or back both ankles are as high.
 */
function rollOf(scene: Scene, view: RecordingView, head: RecordingHead, steps: readonly number[]) {
  if (head.cameraRollDeg !== undefined) return radOfDeg(head.cameraRollDeg);
  const direction = directionOf(view);
  if (!isSideView(view)) {
    const roll = rollBy(scene, 'right', 'ankle', 'left', 'ankle', direction, steps);
    return roll === null ? null : roll - direction * ankleTiltRad(head);
  }
  const feet = flatFeet(scene, direction, head, steps).flatMap((side) => {
    const roll = rollBy(scene, side, 'heel', side, 'big_toe', direction, steps);
    return roll === null ? [] : [roll];
  });
  const wedged = (head.setup?.heelLiftMm ?? 0) > 0;
  if (feet.length > 0 && !wedged) return feet.reduce((sum, one) => sum + one, 0) / feet.length;
  return rollByStanding(scene, direction, head, steps);
}

/** How much higher the left ankle stands than the right one: by a wedge under one heel. */
function ankleTiltRad({ setup, heightM = USUAL_HEIGHT_M }: RecordingHead): number {
  if (!setup?.oneHeelUp) return 0;
  const stance = stanceOf('squat', { ...USUAL_SETUP, ...setup }, heightM);
  const body = bodyOf(heightM, 22 * heightM * heightM);
  const [left, right] = SIDES.map((side) => footOf(body, stance, side).ankle);
  return Math.atan2(left[2] - right[2], left[1] - right[1]);
}

/** Feet that are flat on the floor: in a step the front one alone, and none with its heel on a wedge. */
function flatFeet(
  { paths }: Scene,
  direction: 1 | -1,
  { pattern, setup }: RecordingHead,
  steps: readonly number[],
): readonly Side[] {
  if (!pattern || !isStaggered(pattern)) return SIDES.filter((side) => side !== setup?.oneHeelUp);
  if (setup?.front) return [setup.front];
  const [left, right] = SIDES.map((side) => paths.get(jointOf(side, 'ankle')));
  if (!left || !right) return SIDES;
  return direction * (placeAt(left, steps).x - placeAt(right, steps).x) >= 0 ? ['left'] : ['right'];
}

/** Roll by a line that is level: from one point to another, which lies the direction's way. */
function rollBy(
  { paths }: Scene,
  fromSide: 'left' | 'right',
  fromPart: Part,
  toSide: 'left' | 'right',
  toPart: Part,
  direction: 1 | -1,
  steps: readonly number[],
): number | null {
  const [from, to] = [paths.get(jointOf(fromSide, fromPart)), paths.get(jointOf(toSide, toPart))];
  if (!from || !to) return null;
  const [a, b] = [placeAt(from, steps), placeAt(to, steps)];
  return Math.atan2(direction * (b.z - a.z), direction * (b.x - a.x));
}

function rollByStanding(
  scene: Scene,
  direction: 1 | -1,
  head: RecordingHead,
  steps: readonly number[],
): number | null {
  const [ankles, shoulders] = [middle(scene, 'ankle'), middle(scene, 'shoulder')];
  if (!ankles || !shoulders) return null;
  const [a, b] = [placeAt(ankles, steps), placeAt(shoulders, steps)];
  return direction * standingLeanRad(head) - Math.atan2(b.x - a.x, b.z - a.z);
}

/** Hips over ankles at some steps, their mean in metres; null where no scale is known. */
export function hipHeightM(scene: Upright, steps: readonly number[]): number | null {
  const [hips, ankles] = [middle(scene, 'hip'), middle(scene, 'ankle')];
  if (!hips || !ankles || scene.pixelsPerMetre === null || steps.length === 0) return null;
  return meanAt(hips.z, steps) - meanAt(ankles.z, steps);
}

/** A body for what the model is asked; of usual build where only the height is known. */
export const bodyIn = ({ heightM, massKg }: RecordingHead): Body | null =>
  heightM === undefined ? null : bodyOf(heightM, massKg ?? 22 * heightM * heightM);

/** Pixels a metre: as given, or by the legs of a standing body of a known height. */
function scaleOf(scene: Scene, head: RecordingHead, steps: readonly number[]): number | null {
  if (head.pixelsPerMetre) return head.pixelsPerMetre;
  const body = bodyIn(head);
  if (!body) return null;
  const legs = SIDES.flatMap((side) => {
    const [hip, knee, ankle] = (['hip', 'knee', 'ankle'] as const).map((part) =>
      scene.paths.get(jointOf(side, part)),
    );
    if (!hip || !knee || !ankle) return [];
    const [h, k, a] = [hip, knee, ankle].map((path) => placeAt(path, steps));
    return [Math.hypot(h.x - k.x, h.z - k.z) + Math.hypot(k.x - a.x, k.z - a.z)];
  });
  if (legs.length === 0) return null;
  const pixels = legs.reduce((sum, one) => sum + one, 0) / legs.length;
  return pixels / (meanLength(body, 'thighM') + meanLength(body, 'shankM'));
}

/** Turns a scene upright and, where its scale is known, into metres. */
export function uprightOf(
  scene: Scene,
  view: RecordingView,
  head: RecordingHead,
  repetitions: readonly Repetition[],
): Upright {
  const standing = standingSteps(scene.count, repetitions);
  const rollRad = rollOf(scene, view, head, standing) ?? 0;
  const pixelsPerMetre = scaleOf(scene, head, standing);
  const size = 1 / (pixelsPerMetre ?? 1);
  const [c, s] = [size * Math.cos(rollRad), size * Math.sin(rollRad)];
  const direction = directionOf(view);
  const paths = new Map<Joint, Path>();
  for (const [joint, { x, z, confidence }] of scene.paths) {
    const turned = { x: new Float32Array(scene.count), z: new Float32Array(scene.count) };
    for (let i = 0; i < scene.count; i++) {
      turned.x[i] = direction * (c * x[i] + s * z[i]);
      turned.z[i] = c * z[i] - s * x[i];
    }
    paths.set(joint, { ...turned, confidence });
  }
  const { rate, count } = scene;
  return { rate, count, view, paths, pixelsPerMetre, rollRad, standing };
}
