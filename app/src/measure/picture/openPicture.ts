import { pictureKind } from '@taxikine/core/foundation/bytes/jpegProblem';
import type { PictureLine } from '@taxikine/core/records/pictures/marks';

/** Larger files are no photos. */
const MOST_BYTES = 80 * 1024 * 1024;
/** Longest side of the picture that is worked on; finer than any hand marks. */
const LONGEST = 1600;
/** A picture may be kept up to this size: what the contract takes, in bytes. */
const KEEPABLE_BYTES = 620_000;
const QUALITIES = [0.86, 0.7, 0.5, 0.3] as const;
const FIRST_BYTES = 16;

export type Opened =
  | {
      readonly status: 'opened';
      readonly jpeg: Blob;
      readonly width: number;
      readonly height: number;
      /** What is upright on it, where the phone that took it said so. */
      readonly plumb?: PictureLine | null;
    }
  | { readonly status: 'bad'; readonly why: 'tooBig' | 'notPicture' | 'heic' | 'damaged' };

const bad = (why: Extract<Opened, { status: 'bad' }>['why']): Opened => ({ status: 'bad', why });

const jpegOf = (canvas: HTMLCanvasElement, quality: number): Promise<Blob | null> =>
  new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality));

/**
 * Draws a picture or a frame anew, upright and no larger than it need be. What comes out are its pixels
 * alone: where, when and with what it was taken stays behind.
 */
export async function redrawn(
  source: CanvasImageSource,
  width: number,
  height: number,
): Promise<Opened> {
  const shrink = Math.min(1, LONGEST / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * shrink));
  canvas.height = Math.max(1, Math.round(height * shrink));
  canvas.getContext('2d')!.drawImage(source, 0, 0, canvas.width, canvas.height);
  for (const quality of QUALITIES) {
    const jpeg = await jpegOf(canvas, quality);
    if (jpeg && jpeg.size <= KEEPABLE_BYTES)
      return { status: 'opened', jpeg, width: canvas.width, height: canvas.height };
  }
  return bad('damaged');
}

/** Reads a file by what is in it, not by its name. Turned as its Exif says. */
export async function openPicture(file: Blob): Promise<Opened> {
  if (file.size > MOST_BYTES) return bad('tooBig');
  const head = new Uint8Array(await file.slice(0, FIRST_BYTES).arrayBuffer());
  const kind = pictureKind(head);
  if (!kind) return bad('notPicture');
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const opened = await redrawn(bitmap, bitmap.width, bitmap.height);
    bitmap.close();
    return opened;
  } catch {
    return bad(kind === 'heic' ? 'heic' : 'damaged');
  }
}
