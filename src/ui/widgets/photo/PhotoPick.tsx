import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CircularProgress from '@mui/material/CircularProgress';
import Typography from '@mui/material/Typography';
import AddPhotoAlternateOutlined from '@mui/icons-material/AddPhotoAlternateOutlined';
import PhotoCameraOutlined from '@mui/icons-material/PhotoCameraOutlined';
import { useRef, useState } from 'react';
import type { Picture } from '../../device/picture';
import { readPictures } from './usePhotos';

/** Two ways to a photo: this device's camera, or files. Files that cannot be taken are named, each with the reason. */
export function PhotoPick({ label, onPictures }: { label: string; onPictures: (p: Picture[]) => Promise<string | null> | void }) {
  const camera = useRef<HTMLInputElement>(null);
  const files = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<string[]>([]);
  const take = async (list: FileList | null) => {
    const chosen = [...(list ?? [])];
    for (const input of [camera.current, files.current]) if (input) input.value = '';
    if (chosen.length === 0) return;
    setBusy(true);
    const { pictures, problems: wrong } = await readPictures(chosen);
    const more = pictures.length ? await onPictures(pictures) : null;
    setProblems(more ? [...wrong, more] : wrong);
    setBusy(false);
  };
  const input = (ref: typeof camera, extra: object, name: string) => (
    <input
      ref={ref}
      type="file"
      accept="image/*"
      hidden
      aria-label={name}
      tabIndex={-1}
      onChange={(e) => void take(e.target.files)}
      {...extra}
    />
  );
  return (
    <Box sx={{ display: 'inline-flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.5 }}>
      {input(camera, { capture: 'environment' }, `Camera: ${label}`)}
      {input(files, { multiple: true }, `Files: ${label}`)}
      <Button
        variant="text"
        disabled={busy}
        onClick={() => camera.current?.click()}
        startIcon={busy ? <CircularProgress size={20} /> : <PhotoCameraOutlined />}
        aria-label={`Photo: ${label}`}
        sx={{ minWidth: 48 }}
      >
        Photo
      </Button>
      <Button
        variant="text"
        disabled={busy}
        onClick={() => files.current?.click()}
        aria-label={`From a file: ${label}`}
        sx={{ minWidth: 48 }}
      >
        <AddPhotoAlternateOutlined />
      </Button>
      {problems.map((p) => (
        <Typography key={p} role="alert" color="error" sx={{ flexBasis: '100%' }}>
          {p}
        </Typography>
      ))}
    </Box>
  );
}
