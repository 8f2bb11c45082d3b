import Box from '@mui/material/Box';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import {
  isGrid,
  type Block,
  type ChoiceField,
  type PanelDraft,
  type Field,
  type Grid,
  type ReadField,
} from '../../../../core/measure/panel';
import { Entry } from './Entry';
import { Figure, unitsFor } from './Figure';

interface FormProps {
  blocks: readonly Block[];
  draft: PanelDraft;
  read: ReadonlyMap<string, ReadField>;
  onChange(d: PanelDraft): void;
}

/** The name of a column of figures, and its unit where there is more than one. */
function ColumnHead({ column: c, unit, onUnit }: { column: Field; unit: string; onUnit(unit: string): void }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="body2" sx={{ fontWeight: 600 }}>
        {c.label}
      </Typography>
      {c.kind === 'figure' && unitsFor(c.unit).length < 2 && (
        <Typography variant="body2" color="text.secondary">
          {c.unit}
        </Typography>
      )}
      {c.kind === 'figure' && unitsFor(c.unit).length > 1 && (
        <Select
          variant="standard"
          value={unit}
          onChange={(e) => onUnit(e.target.value)}
          inputProps={{ 'aria-label': `Unit of ${c.label}` }}
          sx={{
            minWidth: 72,
            '& .MuiSelect-select': { minHeight: '48px !important', display: 'flex', alignItems: 'center', boxSizing: 'border-box' },
          }}
        >
          {unitsFor(c.unit).map((u) => (
            <MenuItem key={u} value={u}>
              {u}
            </MenuItem>
          ))}
        </Select>
      )}
    </Box>
  );
}

interface ChoiceSelectProps {
  field: ChoiceField;
  name: string;
  value: string;
  onChange(value: string): void;
}

/** One of several, or not said. */
function ChoiceSelect({ field, name, value, onChange }: ChoiceSelectProps) {
  return (
    <Select
      fullWidth
      displayEmpty
      value={value}
      onChange={(e) => onChange(e.target.value)}
      inputProps={{ 'aria-label': name }}
      renderValue={(v) =>
        field.options.find((o) => o.value === v)?.label ?? (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            not given
          </Box>
        )
      }
    >
      <MenuItem value="">not given</MenuItem>
      {field.options.map((o) => (
        <MenuItem key={o.value} value={o.value}>
          {o.label}
        </MenuItem>
      ))}
    </Select>
  );
}

/** Drawn anew where something is typed, and not with every reading of an instrument. */
export const PanelForm = memo(function PanelForm({ blocks, draft, read, onChange }: FormProps) {
  /** What is changed by hand is no instrument's figure any more. */
  const by = (ids: readonly string[]) => Object.fromEntries(Object.entries(draft.by ?? {}).filter(([id]) => !ids.includes(id)));
  const text = (id: string, value: string) => onChange({ ...draft, text: { ...draft.text, [id]: value }, by: by([id]) });
  const unit = (ids: readonly string[], value: string) =>
    onChange({ ...draft, unit: { ...draft.unit, ...Object.fromEntries(ids.map((id) => [id, value])) }, by: by(ids) });
  let order = 0;
  const entry = (field: Field, id: string, name: string, bare: boolean, place: number) => {
    const typed = { id, name, order: place, text: draft.text[id] ?? '', read: read.get(id) ?? null, onText: (v: string) => text(id, v) };
    switch (field.kind) {
      case 'figure':
        return <Figure {...typed} field={field} unit={draft.unit[id] ?? field.unit} onUnit={(u) => unit([id], u)} bare={bare} />;
      case 'choice':
        return <ChoiceSelect field={field} name={name} value={draft.text[id] ?? ''} onChange={(v) => text(id, v)} />;
      case 'list':
      case 'text':
        return <Entry {...typed} inputProps={{ maxLength: 200 }} />;
    }
  };
  const table = (b: Grid) => {
    const base = order;
    order += b.columns.length * b.places.length;
    return (
      <Box
        sx={{
          display: 'grid',
          gap: 0.75,
          alignItems: 'center',
          gridTemplateColumns: `minmax(64px, auto) repeat(${b.columns.length}, minmax(88px, 1fr))`,
          overflowX: 'auto',
        }}
      >
        <Box />
        {b.columns.map((c) => (
          <ColumnHead
            key={c.id}
            column={c}
            unit={c.kind === 'figure' ? (draft.unit[`${c.id}#${b.places[0].id}`] ?? c.unit) : ''}
            onUnit={(u) =>
              unit(
                b.places.map((p) => `${c.id}#${p.id}`),
                u,
              )
            }
          />
        ))}
        {b.places.map((p, row) => [
          <Typography key={p.id} sx={{ fontWeight: 600 }}>
            {p.label}
          </Typography>,
          ...b.columns.map((c, column) => (
            <Box key={`${c.id}#${p.id}`} sx={{ minWidth: 0 }}>
              {entry(c, `${c.id}#${p.id}`, `${c.label}, ${p.label}`, true, base + column * b.places.length + row)}
            </Box>
          )),
        ])}
      </Box>
    );
  };
  return (
    <Box data-panel-form sx={{ display: 'grid', gap: 2 }}>
      {blocks.map((b) => (
        <Box key={b.title} component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
          <Typography component="legend" variant="h3" sx={{ p: 0, mb: 0.5 }}>
            {b.title}
          </Typography>
          {isGrid(b) ? (
            <>
              {table(b)}
              {b.columns.some((c) => c.hint) && (
                <FormHelperText sx={{ m: 0 }}>
                  {b.columns.flatMap((c) => (c.hint ? [`${c.label}: ${c.hint}`] : [])).join('. ')}
                </FormHelperText>
              )}
            </>
          ) : (
            <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', alignItems: 'start' }}>
              {b.fields.map((f) => (
                <Box key={f.id} sx={{ minWidth: 0 }}>
                  <FormLabel component="span">{f.label}</FormLabel>
                  {entry(f, f.id, f.label, false, f.kind === 'choice' ? 0 : order++)}
                  {f.hint && <FormHelperText sx={{ m: 0 }}>{f.hint}</FormHelperText>}
                </Box>
              ))}
            </Box>
          )}
          {b.note && (
            <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5, maxWidth: '72ch' }}>
              {b.note}
            </Typography>
          )}
        </Box>
      ))}
    </Box>
  );
});
