import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { panelGroups, panels } from '../../../../core/measure/panels';
import type { MouseEvent } from 'react';
import { goToPanel, panelHref } from './usePanelId';
import { Tag } from '../../../parts/Tag';
import type { PanelGroup } from '../../../../core/measure/panel';

/** The wall behind the bench: every panel, hung under what it is for. */
export function Rack() {
  return (
    <Tag title="The bench" over="What is to be measured?" data-testid="rack">
      <Box sx={{ columns: { xs: 1, sm: 2, md: 3, lg: 4 }, columnGap: 3 }}>
        {(Object.keys(panelGroups) as PanelGroup[]).map((g) => (
          <Box key={g} component="nav" aria-label={panelGroups[g]} sx={{ breakInside: 'avoid', mb: 1.5 }}>
            <Typography variant="h3" sx={{ borderBottom: '3px solid', borderColor: 'bench.brass' }}>
              {panelGroups[g]}
            </Typography>
            {panels
              .filter((p) => p.group === g)
              .map((p) => (
                <Box
                  key={p.id}
                  component="a"
                  href={panelHref(p.id)}
                  onClick={(e: MouseEvent) => {
                    if (e.ctrlKey || e.metaKey || e.shiftKey) return;
                    e.preventDefault();
                    goToPanel(p.id);
                  }}
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
    </Tag>
  );
}
