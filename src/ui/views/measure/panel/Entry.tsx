import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormHelperText from '@mui/material/FormHelperText';
import OutlinedInput, { type OutlinedInputProps } from '@mui/material/OutlinedInput';
import { useId, type KeyboardEvent, type ReactNode } from 'react';
import type { ReadField } from '../../../../core/measure/panel';
import { usePreHydrationInput } from '../../../theme/preHydrationInput';

export interface EntryProps {
  id: string;
  /** Said to a screen reader: the field and its place. */
  name: string;
  text: string;
  /** Its place on the way down the list. */
  order: number;
  read: ReadField;
  onText(text: string): void;
}

interface Drawn extends EntryProps {
  inputProps: OutlinedInputProps['inputProps'];
  sx?: OutlinedInputProps['sx'];
  endAdornment?: ReactNode;
  /** What stands beside it: its unit, where there is one to choose. */
  beside?: ReactNode;
}

/** Enter goes on to the next entry: down the list, and in a table down the column. */
function next(e: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>): void {
  e.preventDefault();
  const form = e.currentTarget.closest('[data-panel-form]') ?? document;
  const all = [...form.querySelectorAll<HTMLInputElement>('input[data-order]')].sort(
    (a, b) => Number(a.dataset.order) - Number(b.dataset.order),
  );
  const own = (e.target as HTMLInputElement).dataset.order;
  const after = all[all.findIndex((x) => x.dataset.order === own) + 1];
  if (after) {
    after.focus();
    after.select();
  } else document.querySelector<HTMLElement>('[data-keep-panel]')?.focus();
}

/** What is typed into a panel. What is wrong is said under it, with what may have been meant on a button. */
export function Entry({ id, name, text, order, read, onText, inputProps, sx, endAdornment, beside }: Drawn) {
  const said = useId();
  const around = usePreHydrationInput<HTMLDivElement>();
  const wrong = read && !read.ok ? read : null;
  return (
    <Box ref={around} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 0.5 }}>
        <OutlinedInput
          fullWidth
          error={wrong !== null}
          value={text}
          onChange={(e) => onText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && next(e)}
          inputProps={{
            'aria-label': name,
            'aria-describedby': wrong ? said : undefined,
            autoComplete: 'off',
            enterKeyHint: 'next',
            'data-field': id,
            'data-order': order,
            ...inputProps,
          }}
          endAdornment={endAdornment}
          sx={sx}
        />
        {beside}
      </Box>
      {wrong && (
        <FormHelperText id={said} error role="alert" sx={{ m: 0 }}>
          {wrong.message}
          {wrong.guess && (
            <Button size="small" onClick={() => onText(wrong.guess!)}>
              {wrong.guess}
            </Button>
          )}
        </FormHelperText>
      )}
    </Box>
  );
}
