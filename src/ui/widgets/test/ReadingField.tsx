import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import type { Limit, QuantityInfo } from '../../../core/measure';
import { sameKind } from '../../../core/quantity';
import { Field } from '../../controls/Field';
import { LimitBar } from '../LimitBar';
import { readDraft } from './readingDraft';

export interface ReadingFieldProps {
  label: string;
  info: QuantityInfo;
  limit: Limit | null;
  text: string;
  unit: string;
  onText(text: string): void;
  onUnit(unit: string): void;
  /** Complain only once the person has left the field or tried to keep it. */
  strict: boolean;
  autoFocus?: boolean;
}

/** One figure, typed once: the bar under it shows at once where it lies. */
export function ReadingField({ label, info, limit, text, unit, onText, onUnit, strict, autoFocus }: ReadingFieldProps) {
  const parsed = readDraft(text, unit, info, limit);
  const units = sameKind(info.unit);
  const error = !parsed.ok && text.trim() !== '' && (strict || /[^\d.\s]/.test(text) || parsed.guess) ? parsed : null;
  const guess = error?.guess;
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Field
          label={label}
          value={text}
          onChange={(e) => onText(e.target.value)}
          autoFocus={autoFocus}
          inputProps={{ inputMode: 'decimal', autoComplete: 'off', enterKeyHint: 'next' }}
          error={error?.message}
          unit={units.length > 1 ? undefined : unit}
          sx={{ maxWidth: 260, '& input': { fontSize: '1.75rem', py: 0.75 } }}
        />
        {units.length > 1 && (
          <Select
            value={unit}
            onChange={(e) => onUnit(e.target.value)}
            sx={{ mt: '1.7rem', minWidth: 92 }}
            inputProps={{ 'aria-label': `Unit of ${label}` }}
          >
            {units.map((u) => (
              <MenuItem key={u} value={u}>
                {u}
              </MenuItem>
            ))}
          </Select>
        )}
        {guess && (
          <Button variant="outlined" sx={{ mt: '1.7rem' }} onClick={() => onText(guess)}>
            {guess}
          </Button>
        )}
      </Box>
      {parsed.ok && <LimitBar value={{ kind: 'exact', value: parsed.si }} unit={unit} limit={limit} error={info.error} />}
    </Box>
  );
}
