import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useJob } from '../job/useJob';
import { addPart } from './addPart';

/** What goes back new at a step, with where each is on the list of parts. */
export function FreshParts({ names }: { names: readonly string[] }) {
  const { store, rows, jobId } = useJob();
  if (names.length === 0) return null;
  const listed = (name: string) => rows('part').find((p) => p.name.trim().toLowerCase() === name.toLowerCase());
  return (
    <Box component="ul" aria-label="New parts" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {names.map((name) => (
        <Box component="li" key={name} sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'center' }}>
          <Typography sx={{ flex: '1 1 160px', minWidth: 0 }}>New: {name}</Typography>
          {listed(name) ? (
            <Typography variant="body2" color="text.secondary">
              {listed(name)!.status}
            </Typography>
          ) : (
            <Button variant="text" onClick={() => addPart(store, jobId, name)} aria-label={`Add to parts: ${name}`}>
              Add to parts
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}
