/** Movements that are looked at, and how a repetition is divided. */
export const PATTERNS = ['squat', 'hinge', 'lunge', 'split'] as const;
export type Pattern = (typeof PATTERNS)[number];

/** One foot ahead of the other. */
export const isStaggered = (pattern: Pattern): pattern is 'lunge' | 'split' =>
  pattern === 'lunge' || pattern === 'split';

export const PHASES = ['start', 'down', 'bottom', 'up', 'finish'] as const;
export type Phase = (typeof PHASES)[number];

export const VIEWS = ['back', 'side', 'front'] as const;
export type View = (typeof VIEWS)[number];

export const GRADES = ['slight', 'plain', 'marked'] as const;
export type Grade = (typeof GRADES)[number];

/** Parts of the figure that can be tapped. */
export type Zone = 'trunk' | 'hips' | 'knee' | 'ankle' | 'foot';
