import {
  endedLog,
  nextSet,
  paused,
  resumed,
  setBack,
} from '@taxikine/core/planning/player/timeline';
import { painRule } from '@taxikine/core/inference/safety/painRule';
import type { DrillForm, DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import { openSound } from './cues';

/** What was said of a pain: how much, and whether it is of a kind that stops whatever the number. */
export interface SaidPain {
  readonly score: number;
  readonly kind: 'sharp' | undefined;
}

const FORMS: readonly DrillForm[] = ['easier', 'usual', 'harder'];

/** A form one step easier or harder; the same at either end. */
const formBy = (form: DrillForm, by: -1 | 1): DrillForm =>
  FORMS[Math.min(2, Math.max(0, FORMS.indexOf(form) + by))];

/** Keeps a change of the drill that is played, made from its latest state. */
export type ChangePlayed = (part: (drill: DrillRecord) => Partial<DrillRecord>) => void;

/** What can be done with a drill that is played, wherever it is kept. */
export function playerOf(change: ChangePlayed) {
  const now = () => Date.now();
  const ended = (drill: DrillRecord, status: DrillRecord['status']): Partial<DrillRecord> => ({
    ...paused(drill, now()),
    log: endedLog(drill, now()),
    status,
    doneOn: new Date().toISOString(),
  });
  /** Sets that ended before keep the form they were done in. */
  const formed = (drill: DrillRecord, form: DrillForm): Partial<DrillRecord> => {
    const stopped = paused(drill, now());
    return {
      ...(drill.clock.runningSince ? resumed(stopped, now()) : stopped),
      form,
    };
  };
  return {
    go: () => {
      openSound();
      change((drill) => resumed(drill, now()));
    },
    pause: () => change((drill) => paused(drill, now())),
    next: () => change((drill) => nextSet(drill, now())),
    back: () => change((drill) => setBack(drill, now())),
    form: (by: -1 | 1) => change((drill) => formed(drill, formBy(drill.form, by))),
    end: (status: 'done' | 'skipped' | 'stopped') => change((drill) => ended(drill, status)),
    /** Pain acts by the rules: it may go on, is made easier, or is stopped there and then. */
    pain: ({ score, kind }: SaidPain) =>
      change((drill) => {
        const said = { pain: score, painOn: new Date().toISOString() };
        const rule = painRule(score, kind);
        if (rule === 'stop') return { ...ended(drill, 'stopped'), ...said };
        const stopped = paused(drill, now());
        return rule === 'easier'
          ? { ...stopped, ...said, form: 'easier' }
          : { ...stopped, ...said };
      }),
  };
}

export type PlayerActions = ReturnType<typeof playerOf>;
