import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useState } from 'react';
import { applicability, factsOf, type Attribute } from '../../../core/knowledge';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';
import { Card } from '../../controls/Card';

const wordsOf = (a: Attribute, value: string) => a.says?.[value] ?? (value === 'yes' ? 'Yes' : value === 'no' ? 'No' : value);

/** The one that is always asked for: which pole is earth decides which lead comes off first. */
const first = 'earth';

/**
 * What else is so on this bike. Whatever is unknown is taken from its kind, and where that leaves it open both are kept; a
 * word here shuts out causes that it cannot have.
 */
export function Traits() {
  const { store, knowledge, traced } = useJob();
  const { bike, job } = traced;
  const [all, setAll] = useState(false);
  const facts = factsOf(bike, job, knowledge);
  const said = bike.traits ?? {};
  const kind = factsOf({ ...bike, traits: null }, job, knowledge);
  const attributes = knowledge.attributes.filter(
    (a) => a.name && (a.id in said || applicability(a.asked, facts, knowledge.attributes) > 0),
  );
  const earth = attributes.find((a) => a.id === first);
  const others = attributes.filter((a) => a !== earth);
  const set = (id: string, value: string | null) => {
    const traits = { ...said };
    if (value) traits[id] = value;
    else delete traits[id];
    store.set('bike.set', bike.id, { traits: Object.keys(traits).length ? traits : null });
  };
  const byKind = (a: Attribute) => (kind[a.id] === undefined ? 'not given' : `${wordsOf(a, String(kind[a.id]))} (its kind)`);
  return (
    <Card title="More about it" data-testid="traits">
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {earth && (
          <Choice
            label={earth.name}
            value={said[first] ?? null}
            options={Object.keys(earth.share).map((value) => ({ value, label: wordsOf(earth, value) }))}
            onChange={(v) => set(first, v)}
            hint={said[first] ? undefined : kind[first] === undefined ? 'See which battery lead goes to the frame.' : byKind(earth)}
          />
        )}
        <Box>
          <Button variant="text" onClick={() => setAll(!all)} aria-expanded={all}>
            {all ? 'Fewer' : `${others.length} more, ${others.filter((a) => a.id in said).length} said`}
          </Button>
        </Box>
        {all && (
          <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: 'repeat(2, minmax(0,1fr))' } }}>
            {others.map((a) => (
              <Box key={a.id} sx={{ minWidth: 0 }}>
                <FormLabel sx={{ display: 'block' }}>{a.name}</FormLabel>
                <Select
                  fullWidth
                  displayEmpty
                  value={said[a.id] ?? ''}
                  onChange={(e) => set(a.id, e.target.value || null)}
                  inputProps={{ 'aria-label': a.name }}
                  sx={{ '& .MuiSelect-select': { whiteSpace: 'normal' } }}
                >
                  <MenuItem value="">{byKind(a)}</MenuItem>
                  {Object.keys(a.share).map((v) => (
                    <MenuItem key={v} value={v}>
                      {wordsOf(a, v)}
                    </MenuItem>
                  ))}
                </Select>
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </Card>
  );
}
