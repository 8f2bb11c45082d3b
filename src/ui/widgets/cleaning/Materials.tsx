import Box from '@mui/material/Box';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import ToggleButton from '@mui/material/ToggleButton';
import { useId } from 'react';
import { useJob } from '../../job/useJob';

interface MaterialsProps {
  value: readonly string[];
  onChange(ids: string[]): void;
  error?: string | null;
}

/** Everything that a part is made of, by tapping it. */
export function Materials({ value, onChange, error }: MaterialsProps) {
  const { knowledge } = useJob();
  const id = useId();
  return (
    <Box role="group" aria-labelledby={id}>
      <FormLabel id={id}>Made of (all that is on it)</FormLabel>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {knowledge.materials.map((m) => (
          <ToggleButton
            key={m.id}
            value={m.id}
            selected={value.includes(m.id)}
            onChange={() => onChange(value.includes(m.id) ? value.filter((x) => x !== m.id) : [...value, m.id])}
          >
            {m.name}
          </ToggleButton>
        ))}
      </Box>
      {error && (
        <FormHelperText error role="alert">
          {error}
        </FormHelperText>
      )}
    </Box>
  );
}
