import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import InputAdornment from '@mui/material/InputAdornment';
import OutlinedInput, { type OutlinedInputProps } from '@mui/material/OutlinedInput';
import { useId, type ReactNode } from 'react';
import { usePreHydrationInput } from '../theme/preHydrationInput';

export interface FieldProps extends Omit<OutlinedInputProps, 'label' | 'error'> {
  label: ReactNode;
  error?: string | null;
  hint?: ReactNode;
  unit?: string;
}

/** A labelled field: the label stands above it, what is wrong stands below it, and what was typed stays. */
export function Field({ label, error, hint, unit, sx, inputProps, ...rest }: FieldProps) {
  const id = useId();
  const around = usePreHydrationInput<HTMLDivElement>();
  return (
    <FormControl ref={around} fullWidth error={Boolean(error)} sx={sx}>
      <FormLabel htmlFor={id}>{label}</FormLabel>
      <OutlinedInput
        id={id}
        inputProps={{ 'aria-describedby': error || hint ? `${id}-help` : undefined, ...inputProps }}
        endAdornment={unit ? <InputAdornment position="end">{unit}</InputAdornment> : undefined}
        {...rest}
      />
      {(error || hint) && (
        <FormHelperText id={`${id}-help`} role={error ? 'alert' : undefined}>
          {error ?? hint}
        </FormHelperText>
      )}
    </FormControl>
  );
}
