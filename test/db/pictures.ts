import { createHash } from 'node:crypto';
import sharp from 'sharp';

export const shaOf = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

/** A small picture of one colour, without hidden data; another colour is another picture. */
export async function picture(
  colour: string,
  format: 'jpeg' | 'png' | 'webp' | 'gif' | 'tiff' = 'jpeg',
): Promise<{ sha: string; bytes: Buffer }> {
  const bytes = await sharp({ create: { width: 640, height: 480, channels: 3, background: colour } })
    .toFormat(format)
    .toBuffer();
  return { sha: shaOf(bytes), bytes };
}

/** The same with a place in it, as a telephone takes it. */
export async function withPlace(): Promise<{ sha: string; bytes: Buffer }> {
  const bytes = await sharp({ create: { width: 320, height: 240, channels: 3, background: '#456' } })
    .withExif({ IFD0: { Make: 'Invented' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();
  return { sha: shaOf(bytes), bytes };
}
