/** Segments of a JPEG file that say nothing of where, when or by what it was taken (ITU-T T.81, B.1). */
const APP0 = 0xe0;
const APP15 = 0xef;
const COMMENT = 0xfe;
const START_OF_SCAN = 0xda;

const word = (bytes: Uint8Array, at: number): number => (bytes[at] << 8) | bytes[at + 1];

/** A JFIF head or a colour profile is no metadata of the shot. */
function isHarmless(bytes: Uint8Array, at: number, marker: number): boolean {
  const name = String.fromCharCode(...bytes.slice(at + 4, at + 8));
  return (marker === APP0 && name === 'JFIF') || (marker === APP0 + 2 && name === 'ICC_');
}

/**
 * Why a file may not be kept as a picture: it is none, or it carries more than the picture (place,
 * time, camera, a comment). Null when it may.
 */
export function jpegProblem(bytes: Uint8Array): string | null {
  if (bytes.length < 4 || word(bytes, 0) !== 0xffd8) return 'is not a JPEG picture';
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return 'is a damaged JPEG picture';
    const marker = bytes[at + 1];
    if (marker === START_OF_SCAN) return null;
    const isApp = marker >= APP0 && marker <= APP15;
    if (marker === COMMENT || (isApp && !isHarmless(bytes, at, marker)))
      return 'carries metadata: only the picture itself may be kept';
    const length = word(bytes, at + 2);
    if (length < 2) return 'is a damaged JPEG picture';
    at += 2 + length;
  }
  return 'is a damaged JPEG picture';
}

/** The kind of file by its first bytes, whatever it is called. */
export function pictureKind(bytes: Uint8Array): 'jpeg' | 'png' | 'webp' | 'heic' | null {
  const text = (from: number, to: number) => String.fromCharCode(...bytes.slice(from, to));
  if (bytes.length >= 3 && word(bytes, 0) === 0xffd8 && bytes[2] === 0xff) return 'jpeg';
  if (bytes[0] === 0x89 && text(1, 4) === 'PNG') return 'png';
  if (text(0, 4) === 'RIFF' && text(8, 12) === 'WEBP') return 'webp';
  if (text(4, 8) === 'ftyp' && /^(heic|heix|mif1|hevc)/.test(text(8, 12))) return 'heic';
  return null;
}
