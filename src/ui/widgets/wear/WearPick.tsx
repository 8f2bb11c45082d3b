import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import ToggleButton from '@mui/material/ToggleButton';
import { useId, useState } from 'react';
import type { WornPart } from '../../../core/knowledge';
import { wearsFor } from '../../../core/strip';
import { useJob } from '../../job/useJob';
import { WearDrawing } from './WearDrawing';

interface WearPickProps {
  /** The part, where its name is known: the words that say something of it come first. */
  part: WornPart | null;
  value: string | null;
  onChange(wear: string | null): void;
}

/** So many words are shown before the rest is asked for. */
const few = 6;

/** Words of wear, each with its drawing. */
export function WearPick({ part, value, onChange }: WearPickProps) {
  const { knowledge } = useJob();
  const id = useId();
  const [all, setAll] = useState(false);
  const list = wearsFor(knowledge, part);
  const own = Math.max(few, list.filter((w) => part?.wears[w.id]).length);
  const shown = list.filter((w, i) => all || i < own || w.id === value);
  const chosen = list.find((w) => w.id === value);
  return (
    <Box role="group" aria-labelledby={id}>
      <FormLabel id={id}>How it is worn</FormLabel>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {shown.map((w) => (
          <ToggleButton
            key={w.id}
            value={w.id}
            selected={w.id === value}
            onChange={() => onChange(w.id === value ? null : w.id)}
            sx={{
              flexDirection: 'column',
              minWidth: 84,
              py: 0.5,
              borderWidth: 2,
              '&.Mui-selected': { textDecoration: 'underline', textUnderlineOffset: 4 },
            }}
          >
            <WearDrawing wear={w.id} />
            {w.name}
          </ToggleButton>
        ))}
        {shown.length < list.length && (
          <Button variant="text" onClick={() => setAll(true)}>
            More
          </Button>
        )}
      </Box>
      {chosen && <FormHelperText>{chosen.looks}</FormHelperText>}
    </Box>
  );
}
