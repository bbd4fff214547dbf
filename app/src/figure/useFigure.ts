import { bodyOf } from '@taxikine/core/body/segments/body';
import type { View } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';
import { cameraOf } from '@taxikine/core/body/skeleton/camera';
import { drawFigure, type DrawnFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { lookSkeleton, type SeenMoment } from '@taxikine/core/reading/figure/lookSkeleton';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { useMemo } from 'react';

type Client = Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;

/** As many as a day's list shows, and a visit beside it. */
const MOST_KEPT = 60;
const kept = new Map<string, DrawnFigure>();

/** Draws once what is shown again and again: back on the day, in a row that was scrolled away. */
function drawn(key: string, draw: () => DrawnFigure): DrawnFigure {
  const figure = kept.get(key) ?? draw();
  kept.delete(key);
  kept.set(key, figure);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  return figure;
}

/** This client's own body at one moment of a pattern, as one camera sees it; null where there is no moment. */
export function useFigure(
  client: Client,
  setup: Setup,
  moment: SeenMoment,
  view: View,
): DrawnFigure;
export function useFigure(
  client: Client,
  setup: Setup,
  moment: SeenMoment | undefined,
  view: View,
): DrawnFigure | null;
export function useFigure(
  client: Client,
  setup: Setup,
  moment: SeenMoment | undefined,
  view: View,
): DrawnFigure | null {
  const key = JSON.stringify([client.heightM, client.massKg, client.segments, setup, moment, view]);
  return useMemo(() => {
    if (!moment) return null;
    return drawn(key, () => {
      const body = bodyOf(client.heightM, client.massKg, client.segments);
      return drawFigure(cameraOf(view, moment.pattern, setup), lookSkeleton(body, setup, moment));
    });
    // The key holds every value that the drawing depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}
