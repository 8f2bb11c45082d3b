import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import type { Photo } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { PhotoPick } from './PhotoPick';
import { addPhoto, isOf, usePhotoUrl, type PhotoPlace } from './usePhotos';
import { lazyPart } from '../../controls/lazyPart';

const PhotoDialog = lazyPart(() => import('./PhotoDialog'));

/** The photos of one thing, small and in a row, and the way to take another. */
export function PhotoStrip({ of, label, fixed = false }: { of: PhotoPlace | PhotoPlace[]; label: string; fixed?: boolean }) {
  const used = useJob();
  const [open, setOpen] = useState<string | null>(null);
  const subjects = Array.isArray(of) ? of : [of];
  const photos = used.rows('photo').filter((p) => subjects.some((s) => isOf(p, s)));
  const pins = used.rows('pin');
  if (fixed && photos.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', my: 0.5 }} data-testid="photos">
      {photos.map((p, i) => (
        <Thumb
          key={p.id}
          photo={p}
          name={`Photo ${i + 1} of ${label}${p.caption ? `: ${p.caption}` : ''}`}
          pins={pins.filter((x) => x.photoId === p.id).length}
          onOpen={() => setOpen(p.id)}
        />
      ))}
      {!fixed && (
        <PhotoPick
          label={label}
          onPictures={async (pictures) => {
            for (const picture of pictures) {
              const wrong = await addPhoto(used, subjects[0], picture);
              if (wrong) return wrong;
            }
            return null;
          }}
        />
      )}
      {open && <PhotoDialog photos={photos} startId={open} label={label} onClose={() => setOpen(null)} />}
    </Box>
  );
}

function Thumb({ photo, name, pins, onOpen }: { photo: Photo; name: string; pins: number; onOpen: () => void }) {
  const url = usePhotoUrl(photo.sha256, 'thumb');
  return (
    <ButtonBase
      onClick={onOpen}
      aria-label={pins ? `${name}, ${pins} pins` : name}
      sx={{
        width: 84,
        height: 64,
        border: '2px solid',
        borderColor: 'divider',
        position: 'relative',
        overflow: 'hidden',
        '&:focus-visible': { borderColor: 'bench.brass' },
      }}
    >
      <Box component="img" src={url} alt="" loading="lazy" sx={{ width: '100%', height: '100%', objectFit: 'cover' }} />
      {pins > 0 && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            right: 2,
            bottom: 2,
            minWidth: 22,
            height: 22,
            px: 0.5,
            borderRadius: 11,
            bgcolor: 'bench.brass',
            color: '#1b1508',
            fontWeight: 600,
            fontSize: '1rem',
            lineHeight: '22px',
          }}
        >
          {pins}
        </Box>
      )}
    </ButtonBase>
  );
}
