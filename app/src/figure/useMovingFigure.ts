import { bodyOf } from '@taxikine/core/body/segments/body';
import type { Phase, View } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';
import { eased } from '@taxikine/core/body/skeleton/betweenPoses';
import { betweenSkeletons } from '@taxikine/core/body/skeleton/betweenSkeletons';
import { cameraOf } from '@taxikine/core/body/skeleton/camera';
import { drawFigure, type DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { lookSkeleton, type SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import type { Skeleton } from '@taxikine/core/body/skeleton/skeleton';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { useEffect, useMemo, useRef, useState } from 'react';
import { wantsStill } from './wantsStill';

type Client = Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;

const MOVES_MS = 380;

/**
 * This client's own body as it moves from one moment of a repetition to the next; at once for those who
 * want it still.
 */
export function useMovingFigure(
  client: Client,
  setup: Setup,
  moment: SeenMoment,
  view: View,
): DrawnFigure {
  const key = JSON.stringify([client.heightM, client.massKg, client.segments, setup, moment]);
  const target = useMemo(() => {
    const body = bodyOf(client.heightM, client.massKg, client.segments);
    return lookSkeleton(body, setup, moment);
    // The key holds every value that the posture depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const { pattern, phase } = moment;
  const skeleton = useMoved(target, phase);
  const { front } = setup;
  return useMemo(
    () => drawFigure(cameraOf(view, pattern, { front }), skeleton),
    [view, pattern, front, skeleton],
  );
}

/** A skeleton on its way to another phase; what is logged in the same one is drawn at once. */
function useMoved(target: Skeleton, phase: Phase): Skeleton {
  const [shown, setShown] = useState(target);
  const now = useRef(target);
  const shownPhase = useRef(phase);
  useEffect(() => {
    const from = now.current;
    if (from === target) return undefined;
    const moves = shownPhase.current !== phase && !wantsStill();
    shownPhase.current = phase;
    const put = (next: Skeleton) => {
      now.current = next;
      setShown(next);
    };
    let frame = 0;
    let began: number | null = null;
    const step = (ms: number) => {
      began ??= ms;
      const t = moves ? (ms - began) / MOVES_MS : 1;
      put(betweenSkeletons(from, target, t >= 1 ? 1 : eased(t)));
      if (t < 1) frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [target, phase]);
  return shown;
}
