import Box from '@mui/material/Box';
import Button, { type ButtonProps } from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { useJob, useJobView } from '../job/useJob';
import { Field } from '../controls/Field';

/**
 * A button that signs, in the name of whoever works with this device: the server takes no other. Where nobody has said so yet,
 * that is asked for first, here.
 */
export function SignButton({
  children,
  onSign,
  ...button
}: { onSign: (name: string) => void; children: (name: string) => string } & Omit<ButtonProps, 'children' | 'onClick'>) {
  const name = useJobView((v) => v.actor?.name);
  if (!name) return <ChooseWho />;
  return (
    <Button {...button} onClick={() => onSign(name)}>
      {children(name)}
    </Button>
  );
}

/** Who is working: one of those who are known here, or a new name. */
function ChooseWho() {
  const { store, device, rows } = useJob();
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const people = rows('person');
  const pick = (p: { id: string; name: string }) => {
    store.setActor(p);
    void device.pickPerson(p);
  };
  const add = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    const id = store.newId();
    if (!name.trim() || !store.act('person.add', id, { name: name.trim() }).ok) return;
    pick({ id, name: name.trim() });
  };
  return (
    <Box data-testid="choose-who">
      <Typography sx={{ mb: 0.5 }}>Choose who is working first: a signature needs a name.</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}>
        {people.map((p) => (
          <Button key={p.id} variant="outlined" onClick={() => pick(p)}>
            {p.name}
          </Button>
        ))}
        {people.length === 0 && (
          <Box component="form" noValidate onSubmit={add} sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
            <Field
              label="Name"
              value={name}
              onChange={(e) => setName(e.target.value)}
              inputProps={{ maxLength: 80 }}
              error={tried && !name.trim() ? 'Enter a name.' : null}
            />
            <Button type="submit" variant="outlined" sx={{ whiteSpace: 'nowrap' }}>
              Add person
            </Button>
          </Box>
        )}
      </Box>
    </Box>
  );
}
