import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Block from '@mui/icons-material/Block';
import type { Board } from '../../../core/stage';
import { Empty } from '../../controls/Empty';
import { useDeferredRest } from '../../controls/useDeferredRest';
import { fonts } from '../../theme/tokens';
import { doWords } from '../../widgets/fitness/words';

const stageNames: Record<string, string> = {
  look: 'First look',
  trace: 'Trace',
  decide: 'Decide',
  parts: 'Parts',
  rebuild: 'Rebuild',
  start: 'First start',
  tune: 'Tune',
  handover: 'Hand over',
};

/** What can be done now, a line for each bike. */
export function ReadyList({ lines }: Pick<Board, 'lines'>) {
  const ready = lines.filter((l) => l.act);
  const shown = useDeferredRest(ready, 12);
  const idle = lines.filter((l) => !l.act && l.waiting.length === 0);
  return (
    <Box component="section" aria-label="Can be done now" sx={{ minWidth: 0 }}>
      <Typography variant="h1" component="h2" sx={{ mb: 1 }}>
        Can be done now
      </Typography>
      {ready.length === 0 && (
        <Empty>
          {lines.length === 0
            ? 'No bikes in the workshop. Book one in: bike, owner, complaint. Two minutes.'
            : 'Everything is on hold: see Waiting.'}
        </Empty>
      )}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, borderTop: ready.length ? '3px solid' : 0, borderColor: 'text.primary' }}>
        {shown.map((l) => (
          <ReadyBike key={l.jobId} line={l} />
        ))}
      </Box>
      {shown.length === ready.length && idle.length > 0 && (
        <Typography sx={{ mt: 2 }}>Nothing to do on: {idle.map((l) => l.bike).join(', ')}.</Typography>
      )}
    </Box>
  );
}

function ReadyBike({ line: l }: { line: Board['lines'][number] }) {
  return (
    <Box component="li" sx={{ borderBottom: 1, borderColor: 'divider' }}>
      <Box
        component="a"
        href={`/job/${l.jobId}/${l.act!.stage}`}
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '190px minmax(0,1fr)' },
          columnGap: 2,
          py: 1.5,
          color: 'inherit',
          textDecoration: 'none',
          minHeight: 72,
          '&:hover': { bgcolor: 'background.paper' },
        }}
      >
        <Box>
          <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.5rem', lineHeight: 1.1 }}>{l.bike}</Box>
          <Typography variant="body2" color="text.secondary">
            {l.owner}
          </Typography>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ color: 'bench.brass', fontWeight: 600, fontSize: '1rem' }}>{stageNames[l.act!.stage] ?? l.act!.stage}</Box>
          <Typography sx={{ fontWeight: 600, fontSize: '1.2rem', lineHeight: 1.25 }}>{l.act!.words}</Typography>
          <Typography variant="body2" color="text.secondary">
            {l.act!.why}
          </Typography>
          {l.against && (
            <Typography variant="body2" sx={{ display: 'flex', gap: 0.75, color: 'bench.red' }}>
              <Block fontSize="small" />
              <span>
                Don’t {doWords[l.against.act].toLowerCase()}: {l.against.because}
              </span>
            </Typography>
          )}
        </Box>
      </Box>
    </Box>
  );
}
