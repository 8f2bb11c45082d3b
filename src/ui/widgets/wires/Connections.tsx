import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { countWords, type Connection } from '../../../core/state';
import { alike, astray, crossedWords, isJoint } from '../../../core/strip';
import { AutosaveField } from '../../controls/AutosaveField';
import { Card } from '../../controls/Card';
import { Field } from '../../controls/Field';
import { useJob } from '../../job/useJob';
import { ConnectionDrawing } from './ConnectionDrawing';
import { ConnectionForm } from './ConnectionForm';
import { Joints } from './Joints';
import { Pairings } from './Pairings';
import { Swatch } from './Swatch';

/** The plug or terminal that a connection is part of: what stands before the comma. */
const plugOf = (c: Connection): string => c.fromEnd.split(',')[0].trim();

/** Wires, hoses and cables: from where to where, what is parted and what is crossed; pairings that are tried; earths and connectors. */
export function Connections() {
  const { rows } = useJob();
  const all = rows('connection');
  const list = all.filter((c) => !isJoint(c));
  const wrong = astray(all);
  const crossed = wrong.filter((w) => w.crossed).length;
  const [adding, setAdding] = useState(false);
  const plugs = new Map<string, Connection[]>();
  for (const c of list) plugs.set(plugOf(c), [...(plugs.get(plugOf(c)) ?? []), c]);
  return (
    <Card
      title="Connections"
      over={
        wrong.length > 0
          ? [crossed && `${countWords(crossed, 'connection')} crossed`, wrong.length > crossed && `${wrong.length - crossed} disconnected`]
              .filter(Boolean)
              .join(' · ')
          : undefined
      }
      data-testid="connections"
    >
      {list.length === 0 && !adding && (
        <Typography>
          Wires, hoses and cables, from where to where, before they are disconnected. Every one of them comes back at the rebuild.
        </Typography>
      )}
      {[...plugs].map(([plug, of]) => (
        <Plug key={plug} plug={plug} list={of} />
      ))}
      <Pairings />
      {adding ? (
        <ConnectionForm onClose={() => setAdding(false)} />
      ) : (
        <Box sx={{ mt: 1 }}>
          <Button variant="outlined" onClick={() => setAdding(true)}>
            Log a connection
          </Button>
        </Box>
      )}
      <Joints />
    </Card>
  );
}

function Plug({ plug, list }: { plug: string; list: readonly Connection[] }) {
  const unmarked = [...alike(list).values()].flat();
  return (
    <Box component="section" aria-label={plug} sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'grid', gap: 0.5 }}>
      <Typography variant="h3">{plug}</Typography>
      <ConnectionDrawing name={plug} list={list} />
      {unmarked.length > 0 && (
        <Typography role="alert" sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, py: 0.5 }}>
          {[...alike(list)].map(([colour, of]) => `${of.length} loose ${colour} wires look alike`).join('; ')}: mark each, on both sides.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {list.map((c) => (
          <ConnectionLine key={c.id} connection={c} />
        ))}
      </Box>
    </Box>
  );
}

function ConnectionLine({ connection: c }: { connection: Connection }) {
  const { store, jobId } = useJob();
  const [elsewhere, setElsewhere] = useState<string | null>(null);
  const [editing, setEditing] = useState(false);
  const crossed = crossedWords(c);
  const name = [c.colour, c.fromEnd].filter(Boolean).join(', ');
  const join = (joinedTo: string | null) => {
    if (store.act('connection.join', c.id, { jobId, joinedTo }).ok) setElsewhere(null);
  };
  const set = (field: 'fromEnd' | 'toEnd' | 'colour' | 'mark' | 'route') => (text: string) => {
    if (!text && (field === 'fromEnd' || field === 'toEnd')) return 'Enter where it goes.';
    store.set('connection.set', c.id, { [field]: text || null });
    return null;
  };
  return (
    <Box component="li" data-testid="connection" sx={{ py: 0.5, display: 'grid', gap: 0.75 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
        <Box sx={{ flex: '1 1 12rem', minWidth: 0 }}>
          <Typography>
            {c.colour && <Swatch colour={c.colour} />} {c.colour} {c.mark && <strong>{c.mark}</strong>} {c.fromEnd.split(', ').at(-1)} →{' '}
            {c.toEnd}
          </Typography>
          <Typography variant="body2" sx={{ color: crossed ? 'bench.red' : 'text.secondary', fontWeight: crossed ? 600 : 400 }}>
            {crossed ? `On ${c.joinedTo}: crossed` : c.joinedAt ? 'Connected' : 'Disconnected'}
            {c.route ? ` · ${c.route}` : ''}
          </Typography>
        </Box>
        {c.joinedAt ? (
          <Button variant="text" onClick={() => void store.act('connection.part', c.id, { jobId })} aria-label={`Disconnect: ${name}`}>
            Disconnect
          </Button>
        ) : (
          <>
            <Button variant="outlined" onClick={() => join(null)} aria-label={`Connect: ${name}`}>
              Connect
            </Button>
            <Button variant="text" onClick={() => setElsewhere('')} aria-label={`Connect elsewhere: ${name}`}>
              Elsewhere
            </Button>
          </>
        )}
        <Button variant="text" onClick={() => setEditing(!editing)} aria-expanded={editing} aria-label={`Edit: ${name}`}>
          Edit
        </Button>
      </Box>
      {elsewhere !== null && (
        <Box
          component="form"
          sx={{ display: 'flex', gap: 1, alignItems: 'flex-end' }}
          onSubmit={(e) => {
            e.preventDefault();
            if (elsewhere.trim()) join(elsewhere.trim());
          }}
        >
          <Field label="On which end" value={elsewhere} onChange={(e) => setElsewhere(e.target.value)} inputProps={{ maxLength: 120 }} />
          <Button type="submit" variant="contained">
            Save
          </Button>
        </Box>
      )}
      {editing && (
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <AutosaveField label="From" value={c.fromEnd} onSet={set('fromEnd')} inputProps={{ maxLength: 120 }} />
          <AutosaveField label="To" value={c.toEnd} onSet={set('toEnd')} inputProps={{ maxLength: 120 }} />
          <AutosaveField label="Colour" value={c.colour ?? ''} onSet={set('colour')} inputProps={{ maxLength: 40 }} />
          <AutosaveField label="Mark" value={c.mark ?? ''} onSet={set('mark')} inputProps={{ maxLength: 40 }} />
          <AutosaveField
            sx={{ gridColumn: '1 / -1' }}
            label="Route"
            value={c.route ?? ''}
            onSet={set('route')}
            inputProps={{ maxLength: 300 }}
          />
        </Box>
      )}
    </Box>
  );
}
