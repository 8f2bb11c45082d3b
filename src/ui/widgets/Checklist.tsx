import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Button from '@mui/material/Button';
import { checklist } from '../../core/stage';
import { useJob } from '../job/useJob';
import { Hazards } from './Hazards';

/** A checklist of knowledge, with its cautions at the items they belong to. */
export function Checklist({ listId, gates, without = [] }: { listId: string; gates?: boolean; without?: readonly string[] }) {
  const { store, state, knowledge, jobId } = useJob();
  const items = checklist(state, knowledge, jobId, listId).filter(
    (i) => (gates === undefined || Boolean(i.gate) === gates) && !without.includes(i.id),
  );
  const mark = (item: string, state: 'open' | 'done' | 'notNeeded') =>
    store.act('check.mark', store.newId(), { jobId, list: listId, item, state, note: null });
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {items.map((i) => (
        <Box component="li" key={i.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.5 }}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <FormControlLabel
              sx={{
                flex: 1,
                mr: 0,
                '& .MuiFormControlLabel-label': { textDecoration: i.mark?.state === 'notNeeded' ? 'line-through' : 'none' },
              }}
              control={<Checkbox checked={i.mark?.state === 'done'} onChange={(e) => mark(i.id, e.target.checked ? 'done' : 'open')} />}
              label={i.text}
            />
            {/* Brakes cannot be put away: every bike is stopped by something. */}
            {!i.gate && i.id !== 'brakes' && i.mark?.state !== 'done' && (
              <Button
                variant="text"
                onClick={() => mark(i.id, i.mark?.state === 'notNeeded' ? 'open' : 'notNeeded')}
                aria-label={`${i.mark?.state === 'notNeeded' ? 'Applies' : 'N/A'}: ${i.text}`}
              >
                {i.mark?.state === 'notNeeded' ? 'Applies' : 'N/A'}
              </Button>
            )}
          </Box>
          {i.mark?.state !== 'done' && <Hazards ids={i.hazards} place={listId} />}
        </Box>
      ))}
    </Box>
  );
}
