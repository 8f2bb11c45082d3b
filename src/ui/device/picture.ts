/** A picture as it is kept and sent: upright, small enough, and with nothing in it but the picture. */
export interface Picture {
  sha256: string;
  blob: Blob;
  thumb: Blob;
  width: number;
  height: number;
}

export const mostFileBytes = 20 * 1024 * 1024;
const mostPx = 4096;
const thumbPx = 360;

async function draw(image: ImageBitmap, most: number, quality: number): Promise<{ blob: Blob; width: number; height: number }> {
  const scale = Math.min(1, most / Math.max(image.width, image.height));
  const [width, height] = [Math.max(1, Math.round(image.width * scale)), Math.max(1, Math.round(image.height * scale))];
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('no canvas');
  // A picture with holes gets paper behind it, not black.
  pen.fillStyle = '#ffffff';
  pen.fillRect(0, 0, width, height);
  pen.drawImage(image, 0, 0, width, height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
  if (!blob) throw new Error('no picture');
  return { blob, width, height };
}

const hex = (bytes: ArrayBuffer) => [...new Uint8Array(bytes)].map((b) => b.toString(16).padStart(2, '0')).join('');

/**
 * Makes a file from a camera or a folder fit to be kept: drawn anew upright, which also leaves out the place, the time and
 * everything else that cameras hide in their files. Says in plain words why a file cannot be taken.
 */
export async function takePicture(file: Blob): Promise<{ ok: true; picture: Picture } | { ok: false; message: string }> {
  if (file.size > mostFileBytes) return { ok: false, message: 'This picture is larger than 20 MB. Take it with a smaller setting.' };
  if (file.size === 0) return { ok: false, message: 'This file is empty.' };
  let image: ImageBitmap;
  try {
    image = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return { ok: false, message: 'This file is not a picture that can be read here, or it is damaged. JPEG, PNG and WebP are understood.' };
  }
  try {
    const { blob, width, height } = await draw(image, mostPx, 0.9);
    const { blob: thumb } = await draw(image, thumbPx, 0.8);
    const sha256 = hex(await crypto.subtle.digest('SHA-256', await blob.arrayBuffer()));
    return { ok: true, picture: { sha256, blob, thumb, width, height } };
  } catch {
    return { ok: false, message: 'This picture is too large for this device to work on.' };
  } finally {
    image.close();
  }
}
