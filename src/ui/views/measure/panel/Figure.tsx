import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormHelperText from '@mui/material/FormHelperText';
import MenuItem from '@mui/material/MenuItem';
import OutlinedInput from '@mui/material/OutlinedInput';
import Select from '@mui/material/Select';
import { useId, type KeyboardEvent } from 'react';
import type { FigureField, ReadField } from '../../../../core/measure/panel';
import { sameKind } from '../../../../core/quantity';
import { useTypedEarly } from '../../../theme/typedEarly';

/** The units that a figure may be given in; fewer than two where there is nothing to choose. */
export const unitsFor = (unit: string): string[] => (unit === '' || unit === '%' || unit === '°' ? [] : sameKind(unit));

export interface FigureProps {
  field: FigureField;
  /** Said to a screen reader: the field and its place. */
  name: string;
  text: string;
  unit: string;
  read: ReadField;
  onText(text: string): void;
  onUnit(unit: string): void;
  onEnter(e: KeyboardEvent<HTMLInputElement>): void;
  /** Its place on the way down the list. */
  order: number;
  /** In a table the unit stands in the head. */
  bare?: boolean;
}

/** What is wrong in a field, under it, with what may have been meant on a button. */
export function Wrong({ id, wrong, onText }: { id: string; wrong: { message: string; guess?: string }; onText(text: string): void }) {
  return (
    <FormHelperText id={id} error role="alert" sx={{ m: 0 }}>
      {wrong.message}
      {wrong.guess && (
        <Button size="small" onClick={() => onText(wrong.guess!)}>
          {wrong.guess}
        </Button>
      )}
    </FormHelperText>
  );
}

/** One figure of a panel. What is wrong is said under it, with what may have been meant on a button. */
export function Figure({ field, name, text, unit, read, onText, onUnit, onEnter, order, bare }: FigureProps) {
  const id = useId();
  const around = useTypedEarly<HTMLDivElement>();
  const wrong = read && !read.ok ? read : null;
  const units = unitsFor(field.unit);
  return (
    <Box ref={around} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 0.5 }}>
        <OutlinedInput
          fullWidth
          error={wrong !== null}
          value={text}
          onChange={(e) => onText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && onEnter(e as KeyboardEvent<HTMLInputElement>)}
          inputProps={{
            'aria-label': name,
            'aria-describedby': wrong ? id : undefined,
            inputMode: field.bracket || (field.plausible?.low ?? 0) < 0 ? 'text' : 'decimal',
            autoComplete: 'off',
            enterKeyHint: 'next',
            'data-field': field.id,
            'data-order': order,
          }}
          endAdornment={
            !bare && units.length < 2 && unit ? (
              <Box component="span" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
                {unit}
              </Box>
            ) : undefined
          }
          sx={{ '& input': { fontSize: '1.25rem', py: 1, minWidth: 0 } }}
        />
        {!bare && units.length > 1 && (
          <Select
            value={unit}
            onChange={(e) => onUnit(e.target.value)}
            inputProps={{ 'aria-label': `Unit of ${name}` }}
            sx={{ minWidth: 100 }}
          >
            {units.map((u) => (
              <MenuItem key={u} value={u}>
                {u}
              </MenuItem>
            ))}
          </Select>
        )}
      </Box>
      {wrong && <Wrong id={id} wrong={wrong} onText={onText} />}
    </Box>
  );
}
