import type { Pattern, Phase, View, Zone } from '@taxikine/core/body/stance/patterns';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { useDeferredValue, useState } from 'react';
import { useLookChanges } from './useLookChanges';
import { betterView, faultsAt, type LookChange } from './lookState';

/** A sheet that lies over the look: a fault by its key, what hurts, or a note of one tap. */
export type LookSheet =
  { readonly of: 'fault'; readonly key: string } | { readonly of: 'pain' | 'note' };

/** Where the coach looks: from where, at which moment, at which joint. */
function useGaze(pattern: Pattern) {
  const [view, setView] = useState<View>(pattern === 'squat' ? 'back' : 'side');
  const [phase, setPhase] = useState<Phase>('bottom');
  const [zone, setZone] = useState<Zone>('hips');
  return { view, setView, phase, setPhase, zone, setZone };
}

/** All that a live look holds, and all that can be done to it. */
export function useLiveLook(look: LookRecord, pattern: Pattern) {
  const { change, undo, canUndo } = useLookChanges(look);
  const gaze = useGaze(pattern);
  const { view, phase, zone } = gaze;
  const [touched, setTouched] = useState<string | null>(null);
  const [sheet, setSheet] = useState<LookSheet | null>(null);
  const faultOf = (key: string | null) =>
    look.faults.find((fault) => faultKey(fault) === key) ?? null;
  const tap = (next: LookChange, key: string) => {
    change(next);
    setTouched(key);
  };
  return {
    ...gaze,
    look,
    /** The button that was tapped answers first; the figure and the list follow it. */
    later: useDeferredValue(look),
    rows: faultsAt(pattern, zone, view, phase, look),
    elsewhere: betterView(pattern, zone, phase, look),
    /** The fault that was tapped last, as long as it stands. */
    lastTouched: faultOf(touched),
    openFault: sheet?.of === 'fault' ? faultOf(sheet.key) : null,
    sheet,
    open: setSheet,
    close: () => setSheet(null),
    openFaultOf: (key: string) => setSheet({ of: 'fault', key }),
    change,
    tap,
    undo,
    canUndo,
  };
}

export type LiveLookState = ReturnType<typeof useLiveLook>;
