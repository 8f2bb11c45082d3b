import Autocomplete from '@mui/material/Autocomplete';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import TextField from '@mui/material/TextField';
import { useId } from 'react';

export interface SearchSelectOption {
  id: string;
  label: string;
  group?: string;
}

interface Common {
  label: string;
  options: readonly SearchSelectOption[];
  error?: string;
  hint?: string;
}

/** Chosen from a long list by typing a part of its name: one of it, or several. */
export function SearchSelect(
  props: Common &
    ({ value: string; onChange(id: string): void; many?: false } | { value: readonly string[]; onChange(ids: string[]): void; many: true }),
) {
  const { label, options, error, hint } = props;
  const id = useId();
  const of = (wanted: string) => options.find((o) => o.id === wanted);
  const common = {
    id,
    options,
    getOptionLabel: (o: SearchSelectOption) => o.label,
    getOptionKey: (o: SearchSelectOption) => o.id,
    isOptionEqualToValue: (a: SearchSelectOption, b: SearchSelectOption) => a.id === b.id,
    groupBy: options.some((o) => o.group) ? (o: SearchSelectOption) => o.group ?? '' : undefined,
    renderInput: (params: object) => <TextField {...params} error={Boolean(error)} />,
  };
  return (
    <FormControl fullWidth error={Boolean(error)} sx={{ minWidth: 0 }}>
      <FormLabel htmlFor={id}>{label}</FormLabel>
      {props.many ? (
        <Autocomplete
          {...common}
          multiple
          disableCloseOnSelect
          value={props.value.flatMap((x) => of(x) ?? [])}
          onChange={(_e, chosen) => props.onChange(chosen.map((c) => c.id))}
        />
      ) : (
        <Autocomplete {...common} value={of(props.value) ?? null} onChange={(_e, chosen) => props.onChange(chosen?.id ?? '')} />
      )}
      {(error || hint) && <FormHelperText role={error ? 'alert' : undefined}>{error ?? hint}</FormHelperText>}
    </FormControl>
  );
}
