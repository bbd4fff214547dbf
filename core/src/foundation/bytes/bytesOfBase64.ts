/** Bytes of a base64 text; browsers and servers both know how. @throws DOMException for other text */
export const bytesOfBase64 = (base64: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(base64), (char) => char.charCodeAt(0));
