import type { DrillId } from './drills';
import type { Kit } from './kit';
import type { ProbeId } from './probes';

/** How the pattern is practised with what a probe changed. */
export interface ProbeHelp {
  /** After "What helped stays:"; `{side}` is filled in where the probe is of one side. */
  readonly words: string;
  /** Drills that are that already: nothing to say beside them. */
  readonly drills?: readonly DrillId[];
  /** What has to be there for it. */
  readonly needs?: Kit;
  /** A way to move: of no use where one depth is held. */
  readonly moves?: true;
  /** It takes a hand. */
  readonly hands?: true;
  /** The other way round of another: of both that helped, the other stays. */
  readonly yields?: ProbeId;
}

/** Every probe that leaves something to practise with; arms up and straight toes only ask for more. */
export const PROBE_HELPS: Readonly<Partial<Record<ProbeId, ProbeHelp>>> = {
  'heels-up': { words: 'heels on the wedge', needs: 'wedge', drills: ['heels-on-a-wedge'] },
  'one-heel-up': {
    words: 'the wedge under the {side} heel',
    needs: 'wedge',
    drills: ['lift-under-short-leg'],
  },
  post: { words: 'a hand on a post', needs: 'post', hands: true, yields: 'held-ahead' },
  wider: { words: 'the wider stance', drills: ['wider-toes-out'] },
  'toes-out': { words: 'the toes further out', drills: ['wider-toes-out'] },
  'held-ahead': {
    words: 'a light weight ahead',
    needs: 'weight',
    hands: true,
    drills: ['squat-weight-ahead'],
    yields: 'unloaded',
  },
  'arms-ahead': { words: 'arms level ahead', hands: true, yields: 'held-ahead' },
  unloaded: { words: 'no weight' },
  slower: { words: 'four seconds down', moves: true },
  brace: { words: 'breathe in low and brace first' },
  'knees-out-cue': { words: 'knees over the middle toes' },
  'hips-back-cue': { words: 'hips go first' },
  'foot-tripod': { words: 'heel, big toe and little toe heavy' },
  'band-out': { words: 'knees pushed out against the band', needs: 'band' },
  target: { words: 'something to aim at', drills: ['squat-to-target', 'hinge-to-wall'] },
  shorter: { words: 'no deeper than was free of pain' },
};
