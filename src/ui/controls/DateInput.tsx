import FormLabel from '@mui/material/FormLabel';
import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { PickersTextField, type PickersTextFieldProps } from '@mui/x-date-pickers/PickersTextField';
import dayjs, { type Dayjs } from 'dayjs';
import 'dayjs/locale/en-gb';
import utc from 'dayjs/plugin/utc';
import { createContext, use, useEffect, useState } from 'react';
import { unfinished } from './times';

dayjs.extend(utc);

export interface DateFieldProps {
  label: string;
  /** "2030-06-01", or "2030-06-01T09:00" with a time; empty for none. */
  value: string;
  /** Called with the same form, or with `unfinished` (see times) while what is typed is no date yet. */
  onChange(value: string): void;
  withTime?: boolean;
  error?: string | null;
}

const kept = { day: 'YYYY-MM-DD', time: 'YYYY-MM-DDTHH:mm' };
const shown = { day: 'D MMM YYYY', time: 'D MMM YYYY, HH:mm' };

/** Told whether anything stands in the field: the picker does not speak of a date that is begun and not whole. */
const Begun = createContext<(begun: boolean) => void>(() => undefined);

function WatchedTextField(props: PickersTextFieldProps) {
  const tell = use(Begun);
  const begun = !props.areAllSectionsEmpty;
  useEffect(() => tell(begun), [tell, begun]);
  return <PickersTextField {...props} />;
}

/**
 * The field itself, typed or picked from a calendar. What stands in it is the workshop's own clock and belongs to no zone, so it
 * is computed in UTC, where no hour is skipped or repeated.
 */
export default function DateInput({ label, value, onChange, withTime = false, error }: DateFieldProps) {
  const form = withTime ? 'time' : 'day';
  const Picker = withTime ? DateTimePicker : DatePicker;
  const textOf = (v: Dayjs | null) => (v === null ? '' : v.isValid() ? v.format(kept[form]) : unfinished);
  // What the picker holds: given back to it as it came, or it would forget what is half typed.
  const [held, setHeld] = useState<Dayjs | null>(null);
  if (value !== unfinished && value !== textOf(held)) setHeld(value ? dayjs.utc(value) : null);
  const change = (v: Dayjs | null) => {
    setHeld(v);
    onChange(textOf(v));
  };
  const tell = (begun: boolean) => {
    if (begun && value === '') onChange(unfinished);
    if (!begun && value === unfinished) onChange('');
  };
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale="en-gb">
      <Begun value={tell}>
        <Picker
          label={label}
          value={held}
          onChange={change}
          timezone="UTC"
          format={shown[form]}
          {...(withTime && { ampm: false })}
          slots={{ textField: WatchedTextField }}
          slotProps={{
            textField: {
              fullWidth: true,
              // As the other fields; the theme does not know of this one, which is fetched when it is wanted.
              sx: {
                '& .MuiPickersOutlinedInput-root': { minHeight: 56, bgcolor: 'background.paper', fontSize: '1.0625rem' },
                '& .MuiPickersOutlinedInput-notchedOutline': { borderColor: 'text.secondary' },
              },
              error: Boolean(error),
              helperText: error ?? undefined,
              slots: { inputLabel: FormLabel },
              slotProps: { input: { notched: false } },
            },
            field: { clearable: true },
          }}
        />
      </Begun>
    </LocalizationProvider>
  );
}
