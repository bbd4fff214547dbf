import { bytesOfBase64 } from '@taxikine/core/foundation/bytes/bytesOfBase64';

/** A blob as base64, without the head of a data URL. */
export async function base64Of(blob: Blob): Promise<string> {
  const url = await new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error ?? new Error('cannot be read'));
    reader.readAsDataURL(blob);
  });
  return url.slice(url.indexOf(',') + 1);
}

export const blobOf = (base64: string): Blob =>
  new Blob([bytesOfBase64(base64)], { type: 'image/jpeg' });
