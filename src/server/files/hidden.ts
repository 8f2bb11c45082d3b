/**
 * What a picture carries besides the picture: the place, comments, text, something behind its end. Read from the formats
 * themselves: JPEG (ITU-T T.81, annex B), PNG (W3C, third edition, section 11), WebP (RFC 9649).
 */

const text = (bytes: Buffer, at: number, n: number) => bytes.toString('latin1', at, at + n);

/** Chunks of PNG that say how the picture is to be shown; every other one says something else. */
const pngShown = new Set(['IHDR', 'PLTE', 'IDAT', 'IEND', 'tRNS', 'cHRM', 'gAMA', 'iCCP', 'sBIT', 'sRGB', 'cICP', 'bKGD', 'hIST', 'pHYs']);
const webpShown = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ICCP']);

function inJpeg(bytes: Buffer): string | null {
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return 'something between its parts';
    const marker = bytes[at + 1];
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === 0xd9) return at + 2 < bytes.length ? 'something behind its end' : null;
    if (marker >= 0xd0 && marker <= 0xd7) {
      at += 2;
      continue;
    }
    const length = bytes.readUInt16BE(at + 2);
    const kind = text(bytes, at + 4, 12);
    const shown =
      (marker === 0xe0 && kind.startsWith('JFIF')) ||
      (marker === 0xe2 && kind.startsWith('ICC_PROFILE')) ||
      (marker === 0xee && kind.startsWith('Adobe')) ||
      (marker < 0xe0 && marker >= 0xc0);
    if (!shown) return marker === 0xfe ? 'a comment' : 'data of the camera';
    at += 2 + length;
    // After the head of a scan come its data, up to the next marker that is none of theirs.
    if (marker === 0xda)
      while (at + 1 < bytes.length && (bytes[at] !== 0xff || bytes[at + 1] === 0 || (bytes[at + 1] >= 0xd0 && bytes[at + 1] <= 0xd7))) at++;
  }
  return at < bytes.length && !(bytes[at] === 0xff && bytes[at + 1] === 0xd9) ? 'something behind its end' : null;
}

function inPng(bytes: Buffer): string | null {
  for (let at = 8; at + 8 <= bytes.length;) {
    const length = bytes.readUInt32BE(at);
    const kind = text(bytes, at + 4, 4);
    if (!pngShown.has(kind)) return kind.endsWith('Xt') ? 'text' : 'data of the camera';
    at += 12 + length;
    if (kind === 'IEND') return at < bytes.length ? 'something behind its end' : null;
  }
  return null;
}

function inWebp(bytes: Buffer): string | null {
  const end = 8 + bytes.readUInt32LE(4);
  for (let at = 12; at + 8 <= Math.min(end, bytes.length);) {
    if (!webpShown.has(text(bytes, at, 4))) return 'data of the camera';
    const length = bytes.readUInt32LE(at + 4);
    at += 8 + length + (length % 2);
  }
  return bytes.length > end ? 'something behind its end' : null;
}

/** What is hidden in a picture, in words; null if there is nothing but the picture. Never throws for a damaged one. */
export function hiddenIn(bytes: Buffer, mediaType: string): string | null {
  try {
    if (mediaType === 'image/jpeg') return inJpeg(bytes);
    if (mediaType === 'image/png') return inPng(bytes);
    if (mediaType === 'image/webp') return inWebp(bytes);
  } catch {
    // A length that leads out of the file: whoever opens the picture says that it is damaged.
  }
  return null;
}
