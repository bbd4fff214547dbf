import type { ImageRecord } from '@taxikine/core/records/images/imageRecord';
import type { PictureRecord } from '@taxikine/core/records/pictures/pictureRecord';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { call } from '../../data/api';
import { PICTURE_IMAGE } from '../../data/queryClient';
import { blobOf } from './base64';
import { maybeStoredPicture, storePicture } from '../../data/pictureStore';

/** From this device; a kept one from the server where the device never had it. */
async function find({ id, kept }: PictureRecord): Promise<Blob | null> {
  const stored = await maybeStoredPicture(id);
  if (stored || !kept) return stored ?? null;
  const { record } = await call<{ record: ImageRecord }>('GET', `/images/${id}`);
  if (!record.jpeg) return null;
  const blob = blobOf(record.jpeg);
  await storePicture(id, blob);
  return blob;
}

export type PictureImage =
  | { readonly status: 'reading' }
  | { readonly status: 'shown'; readonly url: string }
  /** On another device, or let go. */
  | { readonly status: 'elsewhere' };

/** The image of a marked picture, as an address to show. */
export function usePictureImage(picture: PictureRecord | null): PictureImage {
  const { data, isPending } = useQuery({
    queryKey: [PICTURE_IMAGE, picture?.id, picture?.kept],
    queryFn: () => find(picture!),
    enabled: picture !== null,
    networkMode: 'always',
    retry: false,
    gcTime: 0,
    staleTime: Infinity,
  });
  const url = useMemo(() => (data ? URL.createObjectURL(data) : null), [data]);
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  if (picture && isPending) return { status: 'reading' };
  return url ? { status: 'shown', url } : { status: 'elsewhere' };
}
