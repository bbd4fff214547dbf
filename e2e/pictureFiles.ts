import type { Page } from '@playwright/test';

/** A photo as a phone would hand it over, painted here: left half red, right half blue. */
export async function paintedJpeg(page: Page, width: number, height: number): Promise<Buffer> {
  const base64 = await page.evaluate(
    ([w, h]) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [w, h];
      const pen = canvas.getContext('2d')!;
      pen.fillStyle = '#c02020';
      pen.fillRect(0, 0, w / 2, h);
      pen.fillStyle = '#2030c0';
      pen.fillRect(w / 2, 0, w / 2, h);
      return canvas.toDataURL('image/jpeg', 0.8).split(',')[1];
    },
    [width, height] as const,
  );
  return Buffer.from(base64, 'base64');
}

/** An Exif segment that says "turn me by so much" (TIFF orientation 1 to 8) and where it was taken. */
function exifOf(orientation: number): Buffer {
  const place = 'taken in the harbour';
  const tiff = Buffer.alloc(8 + 2 + 12 + 4);
  tiff.write('MM', 0, 'latin1');
  tiff.writeUInt16BE(42, 2);
  tiff.writeUInt32BE(8, 4);
  tiff.writeUInt16BE(1, 8);
  tiff.writeUInt16BE(0x0112, 10);
  tiff.writeUInt16BE(3, 12);
  tiff.writeUInt32BE(1, 14);
  tiff.writeUInt16BE(orientation, 18);
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff, Buffer.from(place)]);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}

/** The same photo with Exif right after its first marker. */
export const withExif = (jpeg: Buffer, orientation: number): Buffer =>
  Buffer.concat([jpeg.subarray(0, 2), exifOf(orientation), jpeg.subarray(2)]);
