import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useId } from 'react';

interface SelectFieldProps {
  label: string;
  value: string;
  options: readonly { id: string; label: string }[];
  onChange(id: string): void;
  error?: string;
  disabled?: boolean;
}

/** One of a few, in a list that opens. */
export function SelectField({ label, value, options, onChange, error, disabled }: SelectFieldProps) {
  const id = useId();
  return (
    <FormControl fullWidth error={Boolean(error)} disabled={disabled} sx={{ minWidth: 0 }}>
      <FormLabel id={id}>{label}</FormLabel>
      <Select labelId={id} value={options.some((o) => o.id === value) ? value : ''} onChange={(e) => onChange(e.target.value)} displayEmpty>
        {options.map((o) => (
          <MenuItem key={o.id} value={o.id}>
            {o.label}
          </MenuItem>
        ))}
      </Select>
      {error && <FormHelperText role="alert">{error}</FormHelperText>}
    </FormControl>
  );
}
