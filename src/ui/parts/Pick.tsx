import Autocomplete from '@mui/material/Autocomplete';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import TextField from '@mui/material/TextField';
import { useId } from 'react';

export interface PickOption {
  id: string;
  label: string;
  group?: string;
}

interface Common {
  label: string;
  options: readonly PickOption[];
  error?: string;
  hint?: string;
}

/** Chosen from a long list by typing a part of its name: one of it, or several. */
export function Pick(
  props: Common &
    ({ value: string; onChange(id: string): void; many?: false } | { value: readonly string[]; onChange(ids: string[]): void; many: true }),
) {
  const { label, options, error, hint } = props;
  const id = useId();
  const of = (wanted: string) => options.find((o) => o.id === wanted);
  const common = {
    id,
    options,
    getOptionLabel: (o: PickOption) => o.label,
    getOptionKey: (o: PickOption) => o.id,
    isOptionEqualToValue: (a: PickOption, b: PickOption) => a.id === b.id,
    groupBy: options.some((o) => o.group) ? (o: PickOption) => o.group ?? '' : undefined,
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
