import { useEffect, useState } from 'react';
import type { Photo, PhotoSubject } from '../../../core/state';
import { takePicture, type Picture } from '../../device/picture';
import { useJob, type UsedJob } from '../../job/useJob';

/** What a photo hangs on. */
export interface PhotoPlace {
  subject: PhotoSubject;
  subjectId?: string | null;
  bag?: string | null;
}

export const isOf = (photo: Photo, { subject, subjectId = null, bag = null }: PhotoPlace): boolean =>
  photo.subject === subject && photo.subjectId === subjectId && (subject !== 'bag' || photo.bag === bag);

/** Puts a picture on something: its bytes are kept on this device first, then the entry that names them. */
export async function addPhoto({ store, device, jobId }: UsedJob, on: PhotoPlace, picture: Picture): Promise<string | null> {
  try {
    await device.savePhoto(picture);
  } catch {
    return 'This device has no room for the picture. Make room on it, then take it again.';
  }
  const { sha256, width, height, blob } = picture;
  const done = store.act(
    'photo.add',
    store.newId(),
    {
      jobId,
      subject: on.subject,
      subjectId: on.subjectId ?? null,
      bag: on.bag ?? null,
      sha256,
      width,
      height,
      bytes: blob.size,
      caption: null,
    },
    { photos: [sha256] },
  );
  return done.ok ? null : done.refusal.message;
}

/** Takes files one after the other; says of each that cannot be taken why. */
export async function readPictures(files: readonly File[]): Promise<{ pictures: Picture[]; problems: string[] }> {
  const pictures: Picture[] = [];
  const problems: string[] = [];
  for (const file of files) {
    const taken = await takePicture(file);
    if (taken.ok) pictures.push(taken.picture);
    else problems.push(`${file.name}: ${taken.message}`);
  }
  return { pictures, problems };
}

/** Where the browser finds a photo: on this device while it waits, else at the server. */
export function usePhotoUrl(sha256: string, size: 'full' | 'thumb'): string {
  const { device } = useJob();
  const there = `/api/photos/${sha256}${size === 'thumb' ? '?thumb' : ''}`;
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let wanted = true;
    void device.localPhoto(sha256).then((kept) => {
      if (!wanted) return;
      if (kept) made = URL.createObjectURL(size === 'thumb' ? kept.thumb : kept.blob);
      setUrl(made ?? there);
    });
    return () => {
      wanted = false;
      if (made) URL.revokeObjectURL(made);
    };
  }, [device, sha256, size, there]);
  // One clear pixel until it is known: a request for a photo that is not at the server yet would only fail.
  return url ?? 'data:image/gif;base64,R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw==';
}
