import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import ExpandLess from '@mui/icons-material/ExpandLess';
import ExpandMore from '@mui/icons-material/ExpandMore';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { useState } from 'react';
import { cautionsHere, factsOf, hazardsOfWork, type Work } from '../../core/knowledge';
import { useJob } from '../job/useJob';

/** The cautions of some work that is written down as it is typed. */
export function WorkHazards({ place, ...work }: Work & { place: string }) {
  const { knowledge } = useJob();
  return <Hazards ids={hazardsOfWork(knowledge, work)} place={place} />;
}

/**
 * The usual cautions, at the step they belong to. Each is shown whole until it is understood, once a job; then its name stays in
 * sight and a tap shows the whole again, so that the answers of the step come into reach.
 */
export function Hazards({ ids, place }: { ids: readonly string[] | undefined; place: string }) {
  const { store, knowledge, rows, jobId, traced } = useJob();
  const [again, setAgain] = useState(false);
  const seen = new Set(rows('hazardAck').map((a) => a.hazard));
  const here = ids?.length ? cautionsHere(knowledge, ids, factsOf(traced.bike, traced.job, knowledge)) : [];
  const hazards = knowledge.hazards.filter((h) => here.includes(h.id));
  if (hazards.length === 0) return null;
  const fresh = hazards.filter((h) => !seen.has(h.id));
  const known = hazards.filter((h) => seen.has(h.id));
  const whole = again ? hazards : fresh;
  const acknowledge = () =>
    store.together(() => fresh.every((h) => store.act('hazard.acknowledge', store.newId(), { jobId, hazard: h.id, place }).ok));
  return (
    <Box
      role="note"
      aria-label="Caution"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 1.5,
        rowGap: 0.5,
        borderLeft: '6px solid',
        borderColor: 'bench.red',
        bgcolor: fresh.length ? 'bench.redWash' : 'transparent',
        pl: 1.5,
        pr: 1,
        py: fresh.length ? 0.5 : 0,
        my: 1,
      }}
    >
      {whole.length > 0 && (
        <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
          {whole.map((h) => (
            <Typography key={h.id} variant="body2" sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
              <WarningAmber fontSize="small" sx={{ color: 'bench.red' }} />
              <span>{h.text}</span>
            </Typography>
          ))}
        </Box>
      )}
      {fresh.length > 0 && (
        <Button variant="outlined" color="error" onClick={acknowledge} data-main sx={{ order: { xs: -1, sm: 0 } }}>
          Understood
        </Button>
      )}
      {known.length > 0 && (
        <ButtonBase
          aria-expanded={again}
          onClick={() => setAgain(!again)}
          sx={{
            flex: '1 1 100%',
            minHeight: 48,
            gap: 1,
            justifyContent: 'flex-start',
            textAlign: 'left',
            typography: 'body2',
            '&:focus-visible': { outline: '3px solid', outlineColor: 'text.primary', outlineOffset: -3 },
          }}
        >
          <WarningAmber fontSize="small" sx={{ color: 'bench.red' }} />
          <span>{known.map((h) => h.name).join(' · ')}</span>
          {again ? <ExpandLess fontSize="small" /> : <ExpandMore fontSize="small" />}
        </ButtonBase>
      )}
    </Box>
  );
}
