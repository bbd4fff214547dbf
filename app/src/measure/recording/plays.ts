import { SIDES } from '@taxikine/core/foundation/sides/side';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { EMBODIED_CAUSES, type PresentCause } from '@taxikine/core/inference/person/embody';
import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { oneCause } from '@taxikine/core/knowledge/causes';
import { type FaultId, FAULTS } from '@taxikine/core/knowledge/faults';
import { causeKey } from '@taxikine/core/knowledge/keys';
import type { Escape } from '@taxikine/core/media/recorder/escape';
import { PLAYED_FAULTS, type PlayedFault } from '@taxikine/core/media/recorder/recorderInput';
import type { RecordingView } from '@taxikine/core/records/recordings/recording';

/** A cause on a side, and how it is said. */
export interface PlayedCause extends PresentCause {
  readonly key: string;
  readonly words: string;
}

/** What the stand-in camera plays besides a client's own ranges. */
export interface Plays {
  readonly fault: PlayedFault | null;
  readonly cause: PlayedCause | null;
  readonly escape: Escape;
}

export const PLAYS_NOTHING: Plays = { fault: null, cause: null, escape: 'none' };

/** The recorder shows the same person to every camera; these say what can be seen from where. */
const FROM_SIDE: readonly RecordingView[] = ['right', 'left'];

/** Faults of this pattern that the stand-in camera can play and this view shows. */
export function playable(pattern: Pattern, view: RecordingView): PlayedFault[] {
  const wanted = FROM_SIDE.includes(view) ? 'side' : view;
  return (Object.keys(PLAYED_FAULTS) as PlayedFault[]).filter((id) => {
    const row = FAULTS.find((one) => one.id === (id as FaultId))!;
    const { patterns, views }: { patterns: readonly Pattern[]; views: readonly string[] } = row;
    return patterns.includes(pattern) && views.includes(wanted);
  });
}

/** Causes that the body model has, each on its sides, in the order of the tables. */
export const causesToPlay = (): readonly PlayedCause[] =>
  EMBODIED_CAUSES.flatMap((cause): readonly PlayedCause[] => {
    const { sided, sentence } = oneCause(cause);
    if (!sided) return [{ cause, key: causeKey(cause, null), words: fillSide(sentence, null) }];
    return SIDES.map((side) => ({
      ...{ cause, side, key: causeKey(cause, side) },
      words: fillSide(sentence, side),
    }));
  });
