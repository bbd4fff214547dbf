import {
  bodyOf,
  cameraOf,
  drawFigure,
  lookSkeleton,
  type ClientRecord,
  type DrawnFigure,
  type SeenMoment,
  type Setup,
  type View,
} from '@taxikine/core';
import { useMemo } from 'react';

type Client = Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;

/** This client's own body at one moment of a pattern, as one camera sees it. */
export function useFigure(
  client: Client,
  setup: Setup,
  moment: SeenMoment,
  view: View,
): DrawnFigure {
  const key = JSON.stringify([client.heightM, client.massKg, client.segments, setup, moment, view]);
  return useMemo(() => {
    const body = bodyOf(client.heightM, client.massKg, client.segments);
    return drawFigure(cameraOf(view, moment.pattern, setup), lookSkeleton(body, setup, moment));
    // The key holds every value that the drawing depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}
