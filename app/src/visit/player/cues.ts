import type { PlayerMoment } from '@taxikine/core/planning/player/timeline';

/** What is heard and felt: a tick before an end, a long tone at it, a high one when work begins. */
export type Cue = 'tick' | 'end' | 'begin';

/** Seconds before an end that are ticked. */
const TICKS = 3;

/**
 * What has to be cued between two moments of a running drill; null for nothing. It follows from the two
 * moments alone, so that a tab that slept cues once when it wakes, and not everything it missed.
 */
export function cueBetween(before: PlayerMoment, now: PlayerMoment): Cue | null {
  if (!now.running) return null;
  if (now.phase !== before.phase || now.set !== before.set)
    return now.phase === 'work' ? 'begin' : 'end';
  const [was, is] = [Math.ceil(before.leftS), Math.ceil(now.leftS)];
  return is < was && is >= 1 && is <= TICKS ? 'tick' : null;
}

const TONES: Record<Cue, { hz: number; seconds: number; buzzMs: number }> = {
  tick: { hz: 660, seconds: 0.09, buzzMs: 40 },
  end: { hz: 440, seconds: 0.6, buzzMs: 300 },
  begin: { hz: 880, seconds: 0.35, buzzMs: 140 },
};

let audio: AudioContext | null = null;

/** Browsers let a page sound only after a tap: the tap on Go opens it. */
export function openSound(): void {
  audio ??= new AudioContext();
  if (audio.state === 'suspended') void audio.resume();
}

/** Sounds a cue, if the page may sound. */
export function sound(cue: Cue): void {
  if (!audio || audio.state !== 'running') return;
  const { hz, seconds } = TONES[cue];
  const [tone, level] = [audio.createOscillator(), audio.createGain()];
  tone.frequency.value = hz;
  level.gain.setValueAtTime(0.25, audio.currentTime);
  // Down to nothing softly: a tone that is cut off clicks.
  level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
  tone.connect(level).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + seconds);
}

/** Buzzes a cue, where the device can. */
export const buzz = (cue: Cue): void => void navigator.vibrate?.(TONES[cue].buzzMs);
