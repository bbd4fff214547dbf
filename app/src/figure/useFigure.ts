import {
  bodyOf,
  drawFigure,
  skeletonOf,
  squatPosture,
  VIEW_CAMERAS,
  type ClientRecord,
  type DrawnFigure,
  type Setup,
  type SquatAim,
  type View,
} from '@taxikine/core';
import { useMemo } from 'react';

type Client = Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;

/** This client's own body in one posture, as one camera sees it. */
export function useFigure(client: Client, setup: Setup, aim: SquatAim, view: View): DrawnFigure {
  const key = JSON.stringify([client.heightM, client.massKg, client.segments, setup, aim, view]);
  return useMemo(() => {
    const body = bodyOf(client.heightM, client.massKg, client.segments);
    return drawFigure(VIEW_CAMERAS[view], skeletonOf(squatPosture(body, setup, aim)));
    // The key holds every value that the drawing depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}
