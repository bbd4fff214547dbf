import { bodyOf } from '@taxikine/core/body/body';
import type { View } from '@taxikine/core/knowledge/patterns';
import type { Setup } from '@taxikine/core/knowledge/setup';
import { cameraOf } from '@taxikine/core/skeleton/camera';
import { drawFigure, type DrawnFigure } from '@taxikine/core/skeleton/drawFigure';
import { lookSkeleton, type SeenMoment } from '@taxikine/core/skeleton/lookSkeleton';
import type { ClientRecord } from '@taxikine/core/visit/records';
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
