import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useId, type ReactNode } from 'react';

export interface ChoiceProps<T extends string | number> {
  label: ReactNode;
  value: T | null;
  options: readonly { value: T; label: ReactNode }[];
  onChange(value: T | null): void;
  /** Choosing the chosen one again clears it. */
  clearable?: boolean;
  hideLabel?: boolean;
  hint?: ReactNode;
}

/** A few big buttons of which one is chosen. Pressed state is told to screen readers and by shape, not by colour alone. */
export function Choice<T extends string | number>({ label, value, options, onChange, clearable = true, hideLabel, hint }: ChoiceProps<T>) {
  const id = useId();
  return (
    <Box sx={{ minWidth: 0 }}>
      <FormLabel
        id={id}
        sx={
          hideLabel
            ? { position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' }
            : { display: 'block' }
        }
      >
        {label}
      </FormLabel>
      <ToggleButtonGroup
        exclusive
        aria-labelledby={id}
        value={value}
        onChange={(_e, v: T | null) => (v !== null || clearable) && onChange(v)}
        sx={{
          flexWrap: 'wrap',
          gap: 0.5,
          '& .MuiToggleButton-root': {
            borderRadius: '3px !important',
            border: '2px solid var(--mui-palette-divider) !important',
            m: '0 !important',
          },
          '& .Mui-selected': {
            textDecoration: 'underline',
            textUnderlineOffset: 4,
            borderColor: 'var(--mui-palette-primary-main) !important',
          },
        }}
      >
        {options.map((o) => (
          <ToggleButton key={o.value} value={o.value}>
            {o.label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {hint && <FormHelperText>{hint}</FormHelperText>}
    </Box>
  );
}
