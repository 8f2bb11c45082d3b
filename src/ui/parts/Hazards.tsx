import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import WarningAmber from '@mui/icons-material/WarningAmber';
import Check from '@mui/icons-material/Check';
import { useJob } from '../job/useJob';

/** The usual cautions, at the step they belong to; each is acknowledged once a job. */
export function Hazards({ ids, place }: { ids: readonly string[] | undefined; place: string }) {
  const { store, knowledge, rows, jobId } = useJob();
  const seen = new Set(rows('hazardAck').map((a) => a.hazard));
  const hazards = knowledge.hazards.filter((h) => ids?.includes(h.id));
  if (hazards.length === 0) return null;
  const fresh = hazards.filter((h) => !seen.has(h.id));
  const acknowledge = () =>
    fresh.forEach((h) => store.act('hazard.acknowledge', 'hazardAck', store.newId(), { jobId, hazard: h.id, place }));
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
        py: 0.5,
        my: 1,
      }}
    >
      {/* Acknowledged ones stay in sight and take less room. */}
      <Box sx={{ flex: '1 1 240px', minWidth: 0, ...(fresh.length === 0 && { display: { sm: 'flex' }, flexWrap: 'wrap', columnGap: 2 }) }}>
        {hazards.map((h) => (
          <Typography key={h.id} variant="body2" sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
            {seen.has(h.id) ? (
              <Check fontSize="small" sx={{ color: 'text.secondary' }} titleAccess="acknowledged" />
            ) : (
              <WarningAmber fontSize="small" sx={{ color: 'bench.red' }} />
            )}
            <span>{h.text}</span>
          </Typography>
        ))}
      </Box>
      {fresh.length > 0 && (
        <Button variant="outlined" color="error" onClick={acknowledge} data-main sx={{ order: { xs: -1, sm: 0 } }}>
          Understood
        </Button>
      )}
    </Box>
  );
}
