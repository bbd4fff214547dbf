import type { Side } from '../../foundation/sides/side';

/** Everything about the set-up of a look that must be the same for it to be repeated. */
export const ARMS = ['sides', 'forward', 'overhead', 'crossed'] as const;
export const HANDS = ['free', 'post'] as const;
export const LOAD_PLACES = [
  'none',
  'ahead',
  'goblet',
  'front',
  'back',
  'overhead',
  'suitcase',
] as const;
export const TEMPOS = ['own', 'slow'] as const;
export const SHOES = ['bare', 'flat', 'heeled', 'prosthetic'] as const;

/** How high the wedge under one heel is. */
export const ONE_HEEL_MM = 25;

export interface Setup {
  stanceCm: number;
  toeOutDeg: { left: number; right: number };
  heelLiftMm: number;
  frontFootLiftMm?: number;
  /** The foot in front, in a lunge or split, and how far its ankle is ahead of the other. */
  front?: Side;
  stepCm?: number;
  /** The leg that is stood on, in a squat or hinge on one leg. */
  oneLeg?: Side;
  /** The heel that alone stands on a wedge, `ONE_HEEL_MM` high. */
  oneHeelUp?: Side;
  arms: (typeof ARMS)[number];
  hands: (typeof HANDS)[number];
  load: { at: (typeof LOAD_PLACES)[number]; kg: number };
  tempo: (typeof TEMPOS)[number];
  depthAimDeg?: number;
  shoes: (typeof SHOES)[number];
}

/** How a first squat is set up until the coach changes it. */
export const USUAL_SETUP: Setup = {
  stanceCm: 36,
  toeOutDeg: { left: 10, right: 10 },
  heelLiftMm: 0,
  arms: 'forward',
  hands: 'free',
  load: { at: 'none', kg: 0 },
  tempo: 'own',
  shoes: 'bare',
};
