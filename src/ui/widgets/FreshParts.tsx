import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { consumableOf, usedAgain } from '../../core/strip';
import { useJob } from '../job/useJob';
import { addPart } from './addPart';

/** What goes back new at a step, with where each is on the list of parts; what may go back again says how. */
export function FreshParts({ names, stepId }: { names: readonly string[]; stepId: string }) {
  if (names.length === 0) return null;
  return (
    <Box component="ul" aria-label="New parts" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {names.map((name) => (
        <FreshPart key={name} name={name} stepId={stepId} />
      ))}
    </Box>
  );
}

function FreshPart({ name, stepId }: { name: string; stepId: string }) {
  const { store, rows, jobId, knowledge } = useJob();
  const listed = rows('part').find((p) => p.name.trim().toLowerCase() === name.toLowerCase());
  const facts = rows('fact').filter((f) => f.stepId === stepId);
  const again = usedAgain(facts, name);
  const kind = consumableOf(knowledge.consumables, name);
  const say = (says: string | null) => {
    const had = facts.find((f) => f.kind === 'again' && f.about === name);
    if (had) store.act('fact.say', had.id, { jobId, says });
    else store.act('fact.add', store.newId(), { jobId, stepId, kind: 'again', about: name, says });
  };
  return (
    <Box component="li" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'center' }}>
      <Typography sx={{ flex: '1 1 160px', minWidth: 0 }}>{again ? `Used again: ${name}` : `New: ${name}`}</Typography>
      {!again &&
        (listed ? (
          <Typography variant="body2" color="text.secondary">
            {listed.status}
          </Typography>
        ) : (
          <Button variant="text" onClick={() => addPart(store, jobId, name)} aria-label={`Add to parts: ${name}`}>
            Add to parts
          </Button>
        ))}
      {kind?.again && (
        <Button
          variant="text"
          onClick={() => say(again ? null : kind.again!)}
          aria-label={again ? `New after all: ${name}` : `Use again: ${name}`}
        >
          {again ? 'New after all' : 'Use again'}
        </Button>
      )}
      {kind && !kind.again && (
        <Typography variant="body2" color="text.secondary" sx={{ flexBasis: '100%' }}>
          Never again: {kind.why.charAt(0).toLowerCase() + kind.why.slice(1)}
        </Typography>
      )}
    </Box>
  );
}
