import { meanLength } from '../../body/segments/body';
import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { asinClamped } from '../../foundation/numeric/safety';
import { otherSide, SIDES, signOf, type MaybeSide, type Side } from '../../foundation/sides/side';
import { TOE_AHEAD, MIDDLE_AHEAD } from '../../body/solver/feet';
import type { Pattern } from '../../body/stance/patterns';
import { MEASURES, type MeasureId, type MeasureRow } from '../../records/recordings/measures';
import type { RecordingHead } from '../../records/recordings/recording';
import type { Repetition } from './repetitions';
import { jointOf, middle, type Part } from './scene';
import type { Path } from './uniform';
import { bodyIn, type Upright } from './upright';

/** How one measure is read: NaN at a step where it cannot be. Degrees, millimetres, per cent. */
export interface Reading {
  readonly measure: MeasureId;
  readonly side: MaybeSide;
  /** Its value in a repetition. */
  readonly of: (repetition: Repetition) => number;
  /** Its value at every step, where it has one. */
  readonly series?: At;
  readonly confidence: number;
}

export interface Unread {
  readonly measure: MeasureId;
  readonly side: MaybeSide;
  readonly why: string;
}

/** A value at a step of the even series. */
export type At = (step: number) => number;

/** Half of the window about a moment, in seconds: long enough to average noise, short to a bend. */
const WINDOW_S = 0.25;
/** So many steps to either side are enough. */
const ENOUGH = 7;

/**
 * Value of a series at a moment between steps: of the parabola fitted to the steps about it, which
 * takes noise away without cutting the peak off.
 */
export function valueAt(series: At, moment: number, half: number, count: number): number {
  const from = Math.max(0, Math.round(moment) - half);
  const last = Math.min(count - 1, Math.round(moment) + half);
  // Smoothed neighbours tell the same: of a fast camera's steps, some are enough.
  const every = Math.max(1, Math.floor(half / ENOUGH));
  const to = from + every * Math.floor((last - from) / every);
  const middleStep = (from + to) / 2;
  let s0 = 0;
  let s2 = 0;
  let s4 = 0;
  let f0 = 0;
  let f1 = 0;
  let f2 = 0;
  for (let i = from; i <= to; i += every) {
    const u = i - middleStep;
    const f = series(i);
    s0 += 1;
    s2 += u * u;
    s4 += u * u * u * u;
    f0 += f;
    f1 += u * f;
    f2 += u * u * f;
  }
  const curve = s0 > 2 ? (s0 * f2 - s2 * f0) / (s0 * s4 - s2 * s2) : 0;
  const level = (f0 - curve * s2) / s0;
  const u = moment - middleStep;
  return level + (s2 > 0 ? (f1 / s2) * u : 0) + curve * u * u;
}

/** Everything that readings are made of. */
export interface Source {
  readonly scene: Upright;
  readonly head: RecordingHead;
  readonly pattern: Pattern;
  /** The front foot of a lunge or split. */
  readonly front: Side | null;
}

const half = ({ scene }: Source): number => Math.max(2, Math.round(WINDOW_S * scene.rate));

const atBottom =
  (source: Source, series: At) =>
  ({ bottom }: Repetition): number =>
    valueAt(series, bottom, half(source), source.scene.count);

/** How much more at the bottom than standing. */
function sinceStanding(source: Source, series: At): (repetition: Repetition) => number {
  const { standing } = source.scene;
  const start = standing.reduce((sum, i) => sum + series(i), 0) / standing.length;
  const bottom = atBottom(source, series);
  return (repetition) => bottom(repetition) - start;
}

const pathOf = ({ scene }: Source, side: Side, part: Part): Path | null =>
  scene.paths.get(jointOf(side, part)) ?? null;

const toeOut = ({ head }: Source, side: Side): number =>
  radOfDeg(head.setup?.toeOutDeg?.[side] ?? 0);

/** Lean from upright along the picture's right, in radians. */
const leanOf =
  (low: Path, high: Path): At =>
  (i) =>
    Math.atan2(high.x[i] - low.x[i], high.z[i] - low.z[i]);

const sure = (...paths: readonly Path[]): number =>
  Math.min(...paths.map(({ confidence }) => confidence));

const missing = (measure: MeasureId, side: MaybeSide, what: string): Unread => ({
  measure,
  side,
  why: `${what} not seen`,
});

type ReadingOf = (source: Source, side: Side) => Reading | Unread;

/** How far a knee that follows its foot is out beside its hip joint, in metres; null where that is not known. */
function asideOf(source: Source, side: Side): ((ahead: number) => number) | null {
  const { scene, head } = source;
  const { oneLeg, stanceCm: apartCm } = head.setup ?? {};
  // A foot that stands alone is under the middle of the hips.
  const [body, stanceCm] = [bodyIn(head), oneLeg ? 0 : apartCm];
  if (!body || stanceCm === undefined || scene.pixelsPerMetre === null) return null;
  const beside = (stanceCm / 100 - body.hipWidthM) / 2;
  const out = Math.tan(toeOut(source, side));
  return (kneeAhead) => beside + out * kneeAhead;
}

/** Thigh above level; one that opens looks steeper from the side than it is. */
const thigh: ReadingOf = (source, side) => {
  const [hip, knee, ankle] = (['hip', 'knee', 'ankle'] as const).map((part) =>
    pathOf(source, side, part),
  );
  if (!hip || !knee) return missing('thigh', side, `${side} hip or knee`);
  const aside = ankle && asideOf(source, side);
  const level: At = aside
    ? (i) => Math.hypot(knee.x[i] - hip.x[i], aside(Math.abs(knee.x[i] - ankle.x[i])))
    : (i) => Math.abs(knee.x[i] - hip.x[i]) / Math.cos(toeOut(source, side));
  const series: At = (i) => degOfRad(Math.atan2(hip.z[i] - knee.z[i], level(i)));
  return {
    measure: 'thigh',
    side,
    of: atBottom(source, series),
    series,
    confidence: sure(hip, knee),
  };
};

const shinLean: ReadingOf = (source, side) => {
  const [knee, ankle] = [pathOf(source, side, 'knee'), pathOf(source, side, 'ankle')];
  if (!knee || !ankle) return missing('shin-lean', side, `${side} knee or ankle`);
  const seen = leanOf(ankle, knee);
  const out = Math.cos(toeOut(source, side));
  const series: At = (i) => degOfRad(Math.atan(Math.tan(seen(i)) / out));
  return {
    measure: 'shin-lean',
    side,
    of: atBottom(source, series),
    confidence: sure(knee, ankle),
  };
};

const kneeBend: ReadingOf = (source, side) => {
  const [hip, knee, ankle] = (['hip', 'knee', 'ankle'] as const).map((part) =>
    pathOf(source, side, part),
  );
  if (!hip || !knee || !ankle) return missing('knee-bend', side, `${side} hip, knee or ankle`);
  const [shin, upper] = [leanOf(ankle, knee), leanOf(knee, hip)];
  const series: At = (i) => degOfRad(shin(i) - upper(i));
  const confidence = sure(hip, knee, ankle);
  return { measure: 'knee-bend', side, of: atBottom(source, series), series, confidence };
};

const LENGTHS_UNKNOWN = 'nothing says how large a pixel is: give a height or a known length';

const toMm = ({ scene }: Source): number | null => (scene.pixelsPerMetre === null ? null : 1000);

const kneePastToes: ReadingOf = (source, side) => {
  const measure = 'knee-past-toes';
  const [knee, ankle] = [pathOf(source, side, 'knee'), pathOf(source, side, 'ankle')];
  if (!knee || !ankle) return missing(measure, side, `${side} knee or ankle`);
  const mm = toMm(source);
  if (mm === null) return { measure, side, why: LENGTHS_UNKNOWN };
  const toes = pathOf(source, side, 'big_toe');
  const { standing } = source.scene;
  const tip = toes
    ? standing.reduce((sum, i) => sum + toes.x[i], 0) / standing.length
    : tipByAnkle(source, side, ankle);
  if (tip === null) return missing(measure, side, `${side} toes`);
  const series: At = (i) => mm * (knee.x[i] - tip);
  return { measure, side, of: atBottom(source, series), series, confidence: sure(knee, ankle) };
};

/** Where the toes are if the foot has its usual length. */
function tipByAnkle(source: Source, side: Side, ankle: Path): number | null {
  const body = bodyIn(source.head);
  if (!body) return null;
  const { standing } = source.scene;
  const at = standing.reduce((sum, i) => sum + ankle.x[i], 0) / standing.length;
  return at + TOE_AHEAD * meanLength(body, 'footM') * Math.cos(toeOut(source, side));
}

const heelRise: ReadingOf = (source, side) => {
  const measure = 'heel-rise';
  const heel = pathOf(source, side, 'heel');
  if (!heel) return missing(measure, side, `${side} heel`);
  const mm = toMm(source);
  if (mm === null) return { measure, side, why: LENGTHS_UNKNOWN };
  const floor = source.scene.standing.reduce((sum, i) => sum + heel.z[i], 0);
  const series: At = (i) => mm * (heel.z[i] - floor / source.scene.standing.length);
  return { measure, side, of: atBottom(source, series), series, confidence: sure(heel) };
};

const shinIn: ReadingOf = (source, side) => {
  const measure = 'shin-in';
  const [knee, ankle] = [pathOf(source, side, 'knee'), pathOf(source, side, 'ankle')];
  if (!knee || !ankle) return missing(measure, side, `${side} knee or ankle`);
  const shin = leanOf(ankle, knee);
  // To the left is inward for the right knee.
  const inward = -signOf(side);
  const series: At = (i) => degOfRad(inward * shin(i));
  return { measure, side, of: atBottom(source, series), series, confidence: sure(knee, ankle) };
};

const turnOutGain: ReadingOf = (source, side) => {
  const measure = 'turn-out-gain';
  const [heel, toe] = [pathOf(source, side, 'heel'), pathOf(source, side, 'big_toe')];
  if (!heel || !toe) return missing(measure, side, `${side} heel or toes`);
  const body = bodyIn(source.head);
  if (!body || source.scene.pixelsPerMetre === null) return { measure, side, why: LENGTHS_UNKNOWN };
  const footM = meanLength(body, 'footM');
  const series: At = (i) => degOfRad(asinClamped((signOf(side) * (toe.x[i] - heel.x[i])) / footM));
  return { measure, side, of: sinceStanding(source, series), confidence: sure(heel, toe) };
};

type WholeReadingOf = (source: Source) => Reading | Unread;

/** Trunk lean over time; null when hips or shoulders were not seen. */
function trunkLeanSeries(scene: Upright): At | null {
  const [hips, shoulders] = [middle(scene, 'hip'), middle(scene, 'shoulder')];
  if (!hips || !shoulders) return null;
  const lean = leanOf(hips, shoulders);
  return (i) => degOfRad(lean(i));
}

const trunkPaths = ({ scene }: Source) =>
  [middle(scene, 'hip'), middle(scene, 'shoulder')] as const;

const trunkLean: WholeReadingOf = (source) => {
  const [hips, shoulders] = trunkPaths(source);
  const series = trunkLeanSeries(source.scene);
  if (!series || !hips || !shoulders) return missing('trunk-lean', null, 'hips or shoulders');
  const confidence = sure(hips, shoulders);
  return { measure: 'trunk-lean', side: null, of: atBottom(source, series), series, confidence };
};

/** Share of the rise in which hips that come up first show. */
export const EARLY_PART = 1 / 3;

const hipsFirst: WholeReadingOf = (source) => {
  const measure = 'hips-first';
  const [hips, shoulders] = trunkPaths(source);
  const series = trunkLeanSeries(source.scene);
  if (!series || !hips || !shoulders) return missing(measure, null, 'hips or shoulders');
  const of = (repetition: Repetition): number => {
    const risen = risenBy(hips, repetition, EARLY_PART);
    const { count } = source.scene;
    return (
      valueAt(series, risen, half(source), count) -
      valueAt(series, repetition.bottom, half(source), count)
    );
  };
  return { measure, side: null, of, confidence: sure(hips, shoulders) };
};

/** The step of the way up at which a point has made so much of its rise. */
function risenBy({ z }: Path, { bottomTo, end, bottom }: Repetition, part: number): number {
  const low = z[Math.round(bottom)];
  const goal = low + part * (z[end] - low);
  for (let i = bottomTo; i <= end; i++) if (z[i] >= goal) return i;
  return end;
}

const loadDrift: WholeReadingOf = (source) => {
  const measure = 'load-drift';
  const { scene, head } = source;
  const held = head.setup?.load?.at;
  if (!held || held === 'none')
    return { measure, side: null, why: 'the set-up says nothing is carried' };
  const [wrists, ankles] = [middle(scene, 'wrist'), middle(scene, 'ankle')];
  if (!wrists || !ankles) return missing(measure, null, 'wrists or ankles');
  const [mm, body] = [toMm(source), bodyIn(head)];
  if (mm === null || !body) return { measure, side: null, why: LENGTHS_UNKNOWN };
  const foot = MIDDLE_AHEAD * meanLength(body, 'footM');
  const { standing } = scene;
  const midFoot = standing.reduce((sum, i) => sum + ankles.x[i], 0) / standing.length + foot;
  const of = ({ start, end }: Repetition): number => {
    let furthest = -Infinity;
    for (let i = start; i <= end; i++) furthest = Math.max(furthest, mm * (wrists.x[i] - midFoot));
    return furthest;
  };
  return { measure, side: null, of, confidence: sure(wrists, ankles) };
};

function hipShiftSeries(source: Source): { series: At; confidence: number } | null {
  const [hips, ankles] = [middle(source.scene, 'hip'), middle(source.scene, 'ankle')];
  if (!hips || !ankles) return null;
  // The feet stay where they are: all their steps tell where they stand.
  const feet = ankles.x.reduce((sum, one) => sum + one, 0) / source.scene.count;
  return { series: (i) => hips.x[i] - feet, confidence: sure(hips, ankles) };
}

const hipShift: WholeReadingOf = (source) => {
  const measure = 'hip-shift';
  const shift = hipShiftSeries(source);
  if (!shift) return missing(measure, null, 'hips or ankles');
  const mm = toMm(source);
  if (mm === null) return { measure, side: null, why: LENGTHS_UNKNOWN };
  const series: At = (i) => mm * shift.series(i);
  const of = sinceStanding(source, series);
  return { measure, side: null, of, series, confidence: shift.confidence };
};

const hipShiftShare: WholeReadingOf = (source) => {
  const measure = 'hip-shift-share';
  const shift = hipShiftSeries(source);
  const [left, right] = SIDES.map((side) => pathOf(source, side, 'ankle'));
  if (!shift || !left || !right) return missing(measure, null, 'hips or an ankle');
  const { count } = source.scene;
  const stance = left.x.reduce((sum, one, i) => sum + one - right.x[i], 0) / count;
  const of = sinceStanding(source, (i) => (100 * shift.series(i)) / stance);
  return { measure, side: null, of, confidence: shift.confidence };
};

const trunkSideBend: WholeReadingOf = (source) => {
  const measure = 'trunk-side-bend';
  const [hips, shoulders] = trunkPaths(source);
  if (!hips || !shoulders) return missing(measure, null, 'hips or shoulders');
  const lean = leanOf(hips, shoulders);
  const series: At = (i) => degOfRad(lean(i));
  const of = sinceStanding(source, series);
  return { measure, side: null, of, series, confidence: sure(hips, shoulders) };
};

const duration =
  (measure: MeasureId, steps: (repetition: Repetition) => number): WholeReadingOf =>
  ({ scene }) => ({
    measure,
    side: null,
    of: (repetition) => steps(repetition) / scene.rate,
    confidence: 1,
  });

const SIDED = {
  side: [thigh, shinLean, kneeBend, kneePastToes, heelRise],
  frontal: [shinIn, turnOutGain],
};
const WHOLE = {
  side: [trunkLean, hipsFirst, loadDrift],
  frontal: [hipShift, hipShiftShare, trunkSideBend],
};
const TEMPO = [
  duration('down-time', ({ start, bottomFrom }) => bottomFrom - start),
  duration('bottom-time', ({ bottomFrom, bottomTo }) => bottomTo - bottomFrom),
  duration('up-time', ({ bottomTo, end }) => end - bottomTo),
];

/** Whether a measure means anything in a pattern. */
function meant(measure: MeasureId, pattern: Pattern): boolean {
  const { patterns }: MeasureRow = MEASURES.find(({ id }) => id === measure)!;
  return patterns === undefined || patterns.includes(pattern);
}

/** All readings that this view of this recording gives, and those that it lacks points for. */
export function readingsOf(source: Source, from: 'side' | 'frontal'): (Reading | Unread)[] {
  const sides = source.front ? [source.front, otherSide(source.front)] : SIDES;
  return [
    ...SIDED[from].flatMap((read) => sides.map((side) => read(source, side))),
    ...WHOLE[from].map((read) => read(source)),
    ...TEMPO.map((read) => read(source)),
  ].filter(({ measure }) => meant(measure, source.pattern));
}
