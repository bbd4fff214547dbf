import type { Pattern } from '../../body/stance/patterns';
import type { MaybeSide, Side } from '../../foundation/sides/side';

/** Units of measures; lengths need a scale. */
export const MEASURE_UNITS = ['deg', 'mm', '%', 's'] as const;
export type MeasureUnit = (typeof MEASURE_UNITS)[number];

/** One thing that is measured of every repetition. */
export interface MeasureRow {
  readonly id: string;
  readonly seen: 'side' | 'frontal' | 'any';
  readonly sided: boolean;
  readonly unit: MeasureUnit;
  /** Decimals that mean something. */
  readonly decimals: number;
  /** What it is, for a screen. */
  readonly words: string;
  readonly patterns?: readonly Pattern[];
}

/** All measures of a recording, in the order in which they are shown. */
export const MEASURES = [
  {
    id: 'thigh',
    seen: 'side',
    sided: true,
    unit: 'deg',
    decimals: 0,
    words: 'Thigh above level at the bottom',
  },
  {
    id: 'trunk-lean',
    seen: 'side',
    sided: false,
    unit: 'deg',
    decimals: 0,
    words: 'Trunk lean at the bottom',
  },
  {
    id: 'shin-lean',
    seen: 'side',
    sided: true,
    unit: 'deg',
    decimals: 0,
    words: 'Shin lean at the bottom',
  },
  {
    id: 'knee-bend',
    seen: 'side',
    sided: true,
    unit: 'deg',
    decimals: 0,
    words: 'Knee bend at the bottom',
  },
  {
    id: 'knee-past-toes',
    seen: 'side',
    sided: true,
    unit: 'mm',
    decimals: 0,
    words: 'Knee ahead of the toes at the bottom',
  },
  {
    id: 'heel-rise',
    seen: 'side',
    sided: true,
    unit: 'mm',
    decimals: 0,
    words: 'Heel off the floor at the bottom',
  },
  {
    id: 'hips-first',
    seen: 'side',
    sided: false,
    unit: 'deg',
    decimals: 0,
    words: 'Trunk lean gained in the first third of the rise',
    patterns: ['squat'],
  },
  {
    id: 'load-drift',
    seen: 'side',
    sided: false,
    unit: 'mm',
    decimals: 0,
    words: 'Hands ahead of mid-foot at their furthest',
  },
  {
    id: 'hip-shift',
    seen: 'frontal',
    sided: false,
    unit: 'mm',
    decimals: 0,
    words: 'Hips to the left at the bottom',
  },
  {
    id: 'hip-shift-share',
    seen: 'frontal',
    sided: false,
    unit: '%',
    decimals: 0,
    words: 'Hips to the left, as a share of the stance',
  },
  {
    id: 'trunk-side-bend',
    seen: 'frontal',
    sided: false,
    unit: 'deg',
    decimals: 0,
    words: 'Trunk to the left at the bottom',
  },
  {
    id: 'shin-in',
    seen: 'frontal',
    sided: true,
    unit: 'deg',
    decimals: 0,
    words: 'Shin leaning inward at the bottom',
  },
  {
    id: 'turn-out-gain',
    seen: 'frontal',
    sided: true,
    unit: 'deg',
    decimals: 0,
    words: 'Foot turned out since the start',
  },
  {
    id: 'down-time',
    seen: 'any',
    sided: false,
    unit: 's',
    decimals: 1,
    words: 'Way down',
  },
  {
    id: 'bottom-time',
    seen: 'any',
    sided: false,
    unit: 's',
    decimals: 1,
    words: 'At the bottom',
  },
  {
    id: 'up-time',
    seen: 'any',
    sided: false,
    unit: 's',
    decimals: 1,
    words: 'Way up',
  },
] as const satisfies readonly MeasureRow[];

export type MeasureId = (typeof MEASURES)[number]['id'];

export const unitOf = (measure: MeasureId): MeasureUnit =>
  MEASURES.find(({ id }) => id === measure)!.unit;

/** A measure of all repetitions of a recording. */
export interface Measured {
  readonly measure: MeasureId;
  readonly side: MaybeSide;
  readonly unit: MeasureUnit;
  readonly perRepetition: readonly number[];
  readonly mean: number;
  /** Spread over the repetitions; null with only one. */
  readonly sd: number | null;
  /** 0 to 1: how surely the points it is made of were seen. */
  readonly confidence: number;
}

/** What cannot be said of this recording, and why. */
export interface NotMeasured {
  readonly measure: MeasureId | 'pelvis-tuck';
  readonly side: MaybeSide;
  readonly why: string;
}

export const measuredOf = (
  all: readonly Measured[],
  measure: MeasureId,
  side: Side | null = null,
): Measured | null => all.find((one) => one.measure === measure && one.side === side) ?? null;
