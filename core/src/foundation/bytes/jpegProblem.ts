/** Segments of a JPEG file that say nothing of where, when or by what it was taken (ITU-T T.81, B.1). */
const APP0 = 0xe0;
const APP15 = 0xef;
const COMMENT = 0xfe;
const START_OF_SCAN = 0xda;
const END_OF_IMAGE = 0xd9;
/** What stands for a byte 255 within a picture, and marks between its parts: no segment begins there. */
const isWithinScan = (marker: number): boolean =>
  marker === 0 || marker === 0xff || (marker >= 0xd0 && marker <= 0xd7);

/** Where the next marker stands, after the bytes of a scan; the end of the file when there is none. */
function nextMarker(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++)
    if (bytes[at] === 0xff && !isWithinScan(bytes[at + 1])) return at;
  return bytes.length;
}

const METADATA = 'carries metadata: only the picture itself may be kept';

const word = (bytes: Uint8Array, at: number): number => (bytes[at] << 8) | bytes[at + 1];

/** A JFIF head or a colour profile is no metadata of the shot. */
function isHarmless(bytes: Uint8Array, at: number, marker: number): boolean {
  const name = String.fromCharCode(...bytes.slice(at + 4, at + 8));
  return (marker === APP0 && name === 'JFIF') || (marker === APP0 + 2 && name === 'ICC_');
}

/** What is wrong with a segment; null when nothing is. */
function segmentProblem(bytes: Uint8Array, at: number): string | null {
  if (bytes[at] !== 0xff || word(bytes, at + 2) < 2) return 'is a damaged JPEG picture';
  const marker = bytes[at + 1];
  const isApp = marker >= APP0 && marker <= APP15;
  return marker === COMMENT || (isApp && !isHarmless(bytes, at, marker)) ? METADATA : null;
}

/**
 * Why a file may not be kept as a picture: it is none, or it carries more than the picture (place,
 * time, camera, a comment, anything after its end). Null when it may.
 */
export function jpegProblem(bytes: Uint8Array): string | null {
  if (bytes.length < 4 || word(bytes, 0) !== 0xffd8) return 'is not a JPEG picture';
  let at = 2;
  let hasScan = false;
  while (at + 4 <= bytes.length) {
    if (word(bytes, at) === 0xff00 + END_OF_IMAGE) break;
    const problem = segmentProblem(bytes, at);
    if (problem) return problem;
    const end = at + 2 + word(bytes, at + 2);
    const isScan = bytes[at + 1] === START_OF_SCAN;
    hasScan ||= isScan;
    at = isScan ? nextMarker(bytes, end) : end;
  }
  if (!hasScan) return 'is a damaged JPEG picture';
  return at + 2 < bytes.length ? METADATA : null;
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
