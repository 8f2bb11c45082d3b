import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { createContext, useContext, useEffect, useMemo } from 'react';
import { whichBike } from '../../../core/line/whichBike';
import type { PanelProps } from '../../frame/line/BenchLine';

/** The bikes that a line on Next can begin with. */
export const WorkshopBikes = createContext<readonly { jobId: string; bike: string }[]>([]);

const noMeaning = { phrase: 'bike', acts: [], cost: 0 };

/** Over the bench line of Next: which bike is meant. The rest of the line goes on to that bike. */
export default function WorkshopPanel({ text, chosen, open, desk, onText, onKept, onFocus }: PanelProps) {
  const jobs = useContext(WorkshopBikes);
  const meant = useMemo(() => whichBike(text, jobs), [text, jobs]);
  const begun = text.trim() !== '' && text.trim() !== '?';
  const offers = useMemo(
    () => (begun && meant.length > 0 ? [] : [...new Set(jobs.map((j) => j.bike))].slice(0, 8)),
    [begun, meant.length, jobs],
  );
  const keep = (index: number): boolean => {
    const m = meant.at(index);
    if (!m) return false;
    const line = m.rest ? `?line=${encodeURIComponent(m.rest)}` : '';
    location.assign(`/job/${m.job.jobId}/trace${line}`);
    return true;
  };
  useEffect(() => {
    desk.current = { understanding: { meanings: meant.map((m) => ({ ...noMeaning, words: m.job.bike })), offers }, keep };
    return () => {
      desk.current = null;
    };
  });
  if (!open) return null;
  return (
    <Box
      id="line-panel"
      role="status"
      data-testid="line-panel"
      sx={{ bgcolor: 'background.paper', color: 'text.primary', borderBottom: 1, borderColor: 'divider', px: { xs: 1.5, md: 2 }, py: 1 }}
    >
      {!begun && <Box sx={{ mb: 0.5 }}>Begin with the bike: its name, then what you would say at the bike.</Box>}
      {begun && meant.length === 0 && <Box sx={{ mb: 0.5 }}>No bike here is called that. The bikes here:</Box>}
      {meant.length > 1 && <Box sx={{ fontWeight: 600, mb: 0.5 }}>Which of these?</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {meant.map((m, i) => (
          <Button
            key={m.job.jobId}
            variant={meant.length === 1 || i === chosen ? 'contained' : 'outlined'}
            onClick={() => keep(i) && onKept()}
          >
            {m.job.bike}
            {m.rest ? `: ${m.rest}` : ''}
          </Button>
        ))}
        {offers.map((o, i) => (
          <Button
            key={o}
            variant={meant.length === 0 && i === chosen ? 'contained' : 'outlined'}
            onClick={() => {
              onText(`${o} `);
              onFocus();
            }}
          >
            {o}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
