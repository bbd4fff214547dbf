import type { PlayerMoment } from '@taxikine/core/planning/player/timeline';
import { useEffect, useRef, useState } from 'react';
import { buzz, cueBetween, openSound, sound } from './cues';

const KEY = 'taxikine/cues';

interface Cues {
  readonly sound: boolean;
  readonly buzz: boolean;
}

/** What this device was last set to; both on before anybody said. */
function kept(): Cues {
  const [soundOn, buzzOn] = (localStorage.getItem(KEY) ?? 'on on').split(' ');
  return { sound: soundOn === 'on', buzz: buzzOn === 'on' };
}

const keep = (cues: Cues): void =>
  localStorage.setItem(KEY, [cues.sound, cues.buzz].map((on) => (on ? 'on' : 'off')).join(' '));

/** Sounds and buzzes as the drill goes on; either can be off. */
export function useCues(moment: PlayerMoment) {
  const [cues, setCues] = useState(kept);
  const before = useRef(moment);
  useEffect(() => {
    const cue = cueBetween(before.current, moment);
    before.current = moment;
    if (!cue) return;
    if (cues.sound) sound(cue);
    if (cues.buzz) buzz(cue);
  }, [moment, cues]);
  const toggle = (what: keyof Cues) => {
    const next = { ...cues, [what]: !cues[what] };
    keep(next);
    setCues(next);
    if (next.sound) openSound();
  };
  return { cues, toggle };
}
