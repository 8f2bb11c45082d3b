import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Photo, Pin } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { AutosaveField } from '../../controls/AutosaveField';
import { dayTime } from '../../controls/times';
import { usePhotoUrl } from './usePhotos';

const clamp = (x: number) => Math.min(1, Math.max(0, x));
/** How far one press of an arrow moves a pin. */
const nudge = 0.02;

/** One photo, large, with its numbered pins and what each is about. */
export default function PhotoDialog({
  photos,
  startId,
  label,
  onClose,
}: {
  photos: Photo[];
  startId: string;
  label: string;
  onClose: () => void;
}) {
  const { store, rows, jobId } = useJob();
  const [at, setAt] = useState(startId);
  const [active, setActive] = useState<string | null>(null);
  const index = Math.max(
    0,
    photos.findIndex((p) => p.id === at),
  );
  const photo = photos[index];
  if (!photo) return null;
  const pins = rows('pin').filter((p) => p.photoId === photo.id);
  const add = (x: number, y: number) => {
    const id = store.newId();
    if (store.act('pin.add', id, { jobId, photoId: photo.id, x: clamp(x), y: clamp(y), note: `Pin ${pins.length + 1}` }).ok) setActive(id);
  };
  return (
    <Dialog
      open
      onClose={onClose}
      maxWidth="xl"
      fullWidth
      slotProps={{ paper: { 'aria-label': `Photo of ${label}`, 'aria-labelledby': undefined } }}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 340px' }, gap: 2, p: 2 }}>
        <Box sx={{ minWidth: 0 }}>
          <Picture photo={photo} pins={pins} active={active} onAdd={add} onPick={setActive} />
          <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
            {label} · {dayTime(photo.takenAt)} · photo {index + 1} of {photos.length}. Touch the picture to set a pin.
          </Typography>
        </Box>
        <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button disabled={index === 0} onClick={() => setAt(photos[index - 1].id)}>
              Previous
            </Button>
            <Button disabled={index === photos.length - 1} onClick={() => setAt(photos[index + 1].id)}>
              Next
            </Button>
            <Button onClick={onClose} variant="contained" sx={{ ml: 'auto' }}>
              Close
            </Button>
          </Box>
          <AutosaveField
            key={photo.id}
            label="Caption"
            value={photo.caption ?? ''}
            onSet={(t) => (store.set('photo.set', photo.id, { caption: t || null }), null)}
          />
          <Pins pins={pins} active={active} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button variant="outlined" onClick={() => add(0.5, 0.5)}>
              Add pin
            </Button>
            <Button
              onClick={() => {
                store.act('photo.remove', photo.id, { jobId });
                onClose();
              }}
            >
              Delete photo
            </Button>
          </Box>
        </Box>
      </Box>
    </Dialog>
  );
}

/** What each pin is about. */
function Pins({ pins, active }: { pins: readonly Pin[]; active: string | null }) {
  const { store, jobId } = useJob();
  return (
    <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
      {pins.map((pin, i) => (
        <Box
          component="li"
          key={pin.id}
          sx={{
            display: 'grid',
            gridTemplateColumns: '40px 1fr auto',
            gap: 1,
            alignItems: 'end',
            outline: pin.id === active ? '2px solid' : 'none',
            outlineColor: 'bench.brass',
            p: 0.5,
          }}
        >
          <Mark n={i + 1} />
          <AutosaveField
            label={`Pin ${i + 1}`}
            multiline
            value={pin.note}
            onSet={(t) => (t ? (store.set('pin.set', pin.id, { note: t }), null) : 'Enter what the pin shows.')}
          />
          <Button onClick={() => store.act('pin.remove', pin.id, { jobId })} aria-label={`Take pin ${i + 1} off`}>
            Off
          </Button>
        </Box>
      ))}
    </Box>
  );
}

/** The number of a pin as it stands on the picture and in its list. */
function Mark({ n, active = false }: { n: number; active?: boolean }) {
  return (
    <Box
      component="span"
      sx={{
        width: 34,
        height: 34,
        borderRadius: '50% 50% 50% 0',
        transform: 'rotate(-45deg)',
        display: 'inline-grid',
        placeItems: 'center',
        bgcolor: active ? '#f0c46f' : '#b5852f',
        color: '#1b1508',
        border: '2px solid #fff',
        boxShadow: '0 1px 3px rgba(0,0,0,.6)',
      }}
    >
      <Box component="span" sx={{ transform: 'rotate(45deg)', fontWeight: 600, fontSize: '1rem' }}>
        {n}
      </Box>
    </Box>
  );
}

interface PictureProps {
  photo: Photo;
  pins: Pin[];
  active: string | null;
  onAdd(x: number, y: number): void;
  onPick(id: string): void;
}

function Picture({ photo, pins, active, onAdd, onPick }: PictureProps) {
  const { store } = useJob();
  const url = usePhotoUrl(photo.sha256, 'full');
  const touch = (e: PointerEvent<HTMLDivElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    onAdd((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
  };
  const move = (pin: Pin, e: KeyboardEvent) => {
    const by = { ArrowLeft: [-nudge, 0], ArrowRight: [nudge, 0], ArrowUp: [0, -nudge], ArrowDown: [0, nudge] }[e.key];
    if (!by) return;
    e.preventDefault();
    store.set('pin.set', pin.id, { x: clamp(pin.x + by[0]), y: clamp(pin.y + by[1]) });
  };
  return (
    <Box sx={{ display: 'flex', justifyContent: 'center', bgcolor: '#20231f' }}>
      <Box
        onPointerUp={touch}
        data-testid="picture"
        sx={{
          position: 'relative',
          aspectRatio: `${photo.width} / ${photo.height}`,
          width: `min(100%, calc(72vh * ${photo.width / photo.height}))`,
          cursor: 'crosshair',
        }}
      >
        <Box component="img" src={url} alt={photo.caption ?? 'Photo'} sx={{ width: '100%', height: '100%', display: 'block' }} />
        {pins.map((pin, i) => (
          <Box
            key={pin.id}
            component="button"
            type="button"
            aria-label={`Pin ${i + 1}: ${pin.note}. Arrow keys move it.`}
            onPointerUp={(e: PointerEvent) => {
              e.stopPropagation();
              onPick(pin.id);
            }}
            onFocus={() => onPick(pin.id)}
            onKeyDown={(e: KeyboardEvent) => move(pin, e)}
            sx={{
              position: 'absolute',
              left: `${pin.x * 100}%`,
              top: `${pin.y * 100}%`,
              width: 48,
              height: 48,
              ml: '-24px',
              mt: '-44px',
              p: 0,
              border: 0,
              background: 'none',
              cursor: 'pointer',
            }}
          >
            <Mark n={i + 1} active={pin.id === active} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
