import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useRef, useState, type KeyboardEvent } from 'react';
import type { Photo, Step } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { usePhotoUrl } from '../photo/usePhotos';

interface RibbonProps {
  label: string;
  steps: readonly Step[];
  ready: ReadonlySet<string>;
  onOpen(id: string): void;
}

/** So many are drawn at once. */
const first = 40;

/** Steps side by side with a thumbnail and the bag of each, in the order given; what can be done is lit. Arrows move along it. */
export function Ribbon({ label, steps, ready, onOpen }: RibbonProps) {
  const { rows } = useJob();
  const list = useRef<HTMLUListElement>(null);
  const [shown, setShown] = useState(first);
  /** The next ones are there before the end is reached. */
  const more = () => {
    const { scrollLeft = 0, clientWidth = 0, scrollWidth = 0 } = list.current ?? {};
    if (shown < steps.length && scrollLeft + 3 * clientWidth > scrollWidth) setShown(shown + 2 * first);
  };
  const photos = new Map<string, Photo>();
  for (const p of rows('photo')) if (p.subject === 'step' && p.subjectId && !photos.has(p.subjectId)) photos.set(p.subjectId, p);
  const keys = (e: KeyboardEvent) => {
    const buttons = [...(list.current?.querySelectorAll('button') ?? [])];
    const i = buttons.indexOf(document.activeElement as HTMLButtonElement);
    const to = { ArrowRight: i + 1, ArrowLeft: i - 1, Home: 0, End: buttons.length - 1 }[e.key];
    if (to === undefined || i < 0) return;
    e.preventDefault();
    buttons[Math.max(0, Math.min(buttons.length - 1, to))].focus();
  };
  return (
    <Box
      component="ul"
      ref={list}
      aria-label={label}
      onKeyDown={keys}
      onScroll={more}
      data-testid="ribbon"
      sx={{ display: 'flex', gap: 0.75, overflowX: 'auto', listStyle: 'none', p: 0.5, m: 0, mb: 1 }}
    >
      {steps.slice(0, shown).map((s, i) => (
        <Box
          component="li"
          key={s.id}
          // What is out of sight is neither laid out nor painted: thousands of steps scroll as tens do.
          sx={{ flex: '0 0 128px', contentVisibility: 'auto', containIntrinsicSize: '128px 148px' }}
        >
          <ButtonBase
            onClick={() => onOpen(s.id)}
            aria-label={`${s.title}${s.bag ? `, bag ${s.bag}` : ''}: ${s.refittedAt ? 'refitted' : ready.has(s.id) ? 'ready' : 'off'}`}
            sx={{
              width: 128,
              height: 148,
              font: 'inherit',
              flexDirection: 'column',
              alignItems: 'stretch',
              justifyContent: 'flex-start',
              textAlign: 'left',
              border: '2px solid',
              borderColor: ready.has(s.id) ? 'bench.green' : 'divider',
              bgcolor: ready.has(s.id) ? 'bench.greenWash' : 'transparent',
              opacity: s.refittedAt ? 0.7 : 1,
              '&:focus-visible': { outline: '3px solid', outlineColor: 'text.primary', outlineOffset: -3 },
            }}
          >
            <Box sx={{ height: 66, bgcolor: 'bench.sunk', overflow: 'hidden' }}>
              {photos.has(s.id) ? (
                <Small photo={photos.get(s.id)!} />
              ) : (
                <Box component="span" aria-hidden sx={{ typography: 'h2', color: 'text.secondary', p: 1, display: 'block' }}>
                  {i + 1}
                </Box>
              )}
            </Box>
            <Box
              component="span"
              sx={{
                px: 0.75,
                fontSize: '1rem',
                lineHeight: 1.15,
                display: '-webkit-box',
                WebkitLineClamp: 2,
                WebkitBoxOrient: 'vertical',
                overflow: 'hidden',
              }}
            >
              {s.title}
            </Box>
            <Box component="span" sx={{ px: 0.75, mt: 'auto', fontSize: '1rem', fontWeight: 600, color: 'text.secondary' }}>
              {s.refittedAt ? 'refitted' : s.bag ? `bag ${s.bag}` : 'no bag'}
            </Box>
          </ButtonBase>
        </Box>
      ))}
    </Box>
  );
}

function Small({ photo }: { photo: Photo }) {
  const url = usePhotoUrl(photo.sha256, 'thumb');
  return <Box component="img" src={url} alt="" loading="lazy" sx={{ width: '100%', height: '100%', objectFit: 'cover' }} />;
}
