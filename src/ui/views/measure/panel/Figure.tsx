import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import type { FigureField } from '../../../../core/measure/panel';
import { sameKind } from '../../../../core/quantity';
import { Entry, type EntryProps } from './Entry';

/** The units that a figure may be given in; fewer than two where there is nothing to choose. */
export const unitsFor = (unit: string): string[] => (unit === '' || unit === '%' || unit === '°' ? [] : sameKind(unit));

interface FigureProps extends EntryProps {
  field: FigureField;
  unit: string;
  onUnit(unit: string): void;
  /** In a table the unit stands in the head. */
  bare?: boolean;
}

/** One figure of a panel, and its unit. */
export function Figure({ field, unit, onUnit, bare, ...entry }: FigureProps) {
  const units = unitsFor(field.unit);
  return (
    <Entry
      {...entry}
      inputProps={{ inputMode: field.bracket || (field.plausible?.low ?? 0) < 0 ? 'text' : 'decimal' }}
      sx={{ '& input': { fontSize: '1.25rem', py: 1, minWidth: 0 } }}
      endAdornment={
        !bare && units.length < 2 && unit ? (
          <Box component="span" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
            {unit}
          </Box>
        ) : undefined
      }
      beside={
        !bare &&
        units.length > 1 && (
          <Select
            value={unit}
            onChange={(e) => onUnit(e.target.value)}
            inputProps={{ 'aria-label': `Unit of ${entry.name}` }}
            sx={{ minWidth: 100 }}
          >
            {units.map((u) => (
              <MenuItem key={u} value={u}>
                {u}
              </MenuItem>
            ))}
          </Select>
        )
      }
    />
  );
}
