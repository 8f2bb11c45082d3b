import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { hiddenIn } from './hidden';

const plain = sharp({ create: { width: 48, height: 32, channels: 3, background: '#335577' } });
const made = {
  jpeg: await plain.clone().jpeg().toBuffer(),
  progressive: await plain.clone().jpeg({ progressive: true }).toBuffer(),
  png: await plain.clone().png().toBuffer(),
  webp: await plain.clone().webp().toBuffer(),
};
const type = (name: string) => `image/${name === 'progressive' ? 'jpeg' : name}`;

/** A JPEG segment behind the start of the file. */
const withSegment = (marker: number, data: string) =>
  Buffer.concat([made.jpeg.subarray(0, 2), Buffer.from([0xff, marker, 0, data.length + 2]), Buffer.from(data), made.jpeg.subarray(2)]);
/** A PNG chunk behind the head; its sum does not matter here. */
const withChunk = (kind: string, data: string) => {
  const length = Buffer.alloc(4);
  length.writeUInt32BE(data.length);
  return Buffer.concat([made.png.subarray(0, 33), length, Buffer.from(kind + data), Buffer.alloc(4), made.png.subarray(33)]);
};

describe('hidden data in pictures', () => {
  it.each(Object.keys(made) as (keyof typeof made)[])('a plain %s has none', (name) => {
    expect(hiddenIn(made[name], type(name))).toBeNull();
  });

  it.each([
    ['a comment', withSegment(0xfe, 'taken at the harbour'), 'image/jpeg'],
    ['data of the camera', withSegment(0xe1, 'Exif\0\0somewhere'), 'image/jpeg'],
    ['data of the camera', withSegment(0xed, 'Photoshop 3.0'), 'image/jpeg'],
    ['text', withChunk('tEXt', 'Comment\0here'), 'image/png'],
    ['text', withChunk('iTXt', 'XML:com.adobe.xmp'), 'image/png'],
    ['data of the camera', withChunk('eXIf', 'MM'), 'image/png'],
    ...(['jpeg', 'progressive', 'png', 'webp'] as const).map(
      (name) => ['something behind its end', Buffer.concat([made[name], Buffer.from('PK a file')]), type(name)] as const,
    ),
  ] as const)('%s', (what, bytes, mediaType) => expect(hiddenIn(bytes, mediaType)).toBe(what));

  it('metadata that the library writes is found in every format', async () => {
    for (const format of ['jpeg', 'png', 'webp'] as const) {
      const bytes = await plain
        .clone()
        .withExif({ IFD0: { Copyright: 'x' } })
        .toFormat(format)
        .toBuffer();
      expect(hiddenIn(bytes, `image/${format}`), format).not.toBeNull();
    }
  });

  it('a damaged picture is left to whoever opens it', () => {
    for (const name of Object.keys(made) as (keyof typeof made)[])
      for (let n = 0; n < made[name].length; n += 7) expect(() => hiddenIn(made[name].subarray(0, n), type(name))).not.toThrow();
  });
});
