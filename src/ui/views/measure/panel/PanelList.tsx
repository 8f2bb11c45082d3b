import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { panelGroups, panels } from '../../../../core/measure/panels';
import { useState } from 'react';
import { hrefOf } from '../../../job/address';
import { useJob } from '../../../job/useJob';
import { subjectOf } from './subjectOf';
import { Card } from '../../../controls/Card';
import type { PanelGroup } from '../../../../core/measure/panel';

/** The wall behind the bench: every panel that has a use on this bike, hung under what it is for; the others on request. */
export function PanelList() {
  const { knowledge, traced, state, jobId } = useJob();
  const [all, setAll] = useState(false);
  const subject = subjectOf(knowledge, traced, state);
  const fit = panels.filter((p) => p.suits?.(subject) ?? true);
  const shown = all ? panels : fit;
  const others = panels.length - fit.length;
  return (
    <Card title="Panels" over="What are you measuring?" data-testid="rack">
      <Box sx={{ columns: { xs: 1, sm: 2, md: 3, lg: 4 }, columnGap: 3 }}>
        {(Object.keys(panelGroups) as PanelGroup[]).map((g) => (
          <Box key={g} component="nav" aria-label={panelGroups[g]} sx={{ breakInside: 'avoid', mb: 1.5 }}>
            <Typography variant="h3" sx={{ borderBottom: '3px solid', borderColor: 'bench.brass' }}>
              {panelGroups[g]}
            </Typography>
            {shown
              .filter((p) => p.group === g)
              .map((p) => (
                <Box
                  key={p.id}
                  component="a"
                  href={hrefOf(jobId, { stage: 'measure', panel: p.id })}
                  sx={{
                    display: 'flex',
                    alignItems: 'center',
                    minHeight: 48,
                    color: 'text.primary',
                    textDecoration: 'none',
                    borderBottom: 1,
                    borderColor: 'divider',
                    '&:hover': { bgcolor: 'action.hover' },
                  }}
                >
                  {p.name}
                </Box>
              ))}
          </Box>
        ))}
      </Box>
      {others > 0 && (
        <Button color="secondary" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Only those for this bike' : `${others} more, for other kinds of engine`}
        </Button>
      )}
    </Card>
  );
}
