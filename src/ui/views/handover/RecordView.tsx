import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { JobRecord } from '../../../core/handover';
import { Page } from '../../frame/Page';
import { NotInYet } from './NotInYet';

interface RecordProps {
  record: JobRecord;
  notice: string;
  jobId: string;
  /** Where the server drew it, and at which number of the journal: what the device still holds is not in it. */
  drawn?: { shopId: string; upTo: number };
}

/** The record as a page: the same lines as on paper. */
export default function RecordView({ record, notice, jobId, drawn }: RecordProps) {
  return (
    <Page
      title={`Record: ${record.title}`}
      bar={
        <Button color="inherit" href={`/job/${jobId}/handover`}>
          Back
        </Button>
      }
    >
      {drawn && <NotInYet {...drawn} jobId={jobId} />}
      <Box sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: { xs: 2, md: 4 }, maxWidth: 960 }}>
        <Box
          sx={{
            display: 'flex',
            gap: 2,
            flexWrap: 'wrap',
            alignItems: 'flex-start',
            borderBottom: '3px solid',
            borderColor: 'text.primary',
            pb: 1.5,
          }}
        >
          <Box sx={{ flex: 1, minWidth: 240 }}>
            <Typography variant="h1" component="h2">
              {record.title}
            </Typography>
            {record.under.map((u) => (
              <Typography key={u} color="text.secondary">
                {u}
              </Typography>
            ))}
          </Box>
          <Button variant="contained" href={`/api/jobs/${jobId}/record.pdf`}>
            As PDF
          </Button>
        </Box>
        {record.sections.map((s) => (
          <Box component="section" key={s.title} sx={{ mt: 2.5 }}>
            <Typography variant="h2" component="h3">
              {s.title}
            </Typography>
            {s.lines.length === 0 ? (
              <Typography color="text.secondary">{s.empty}</Typography>
            ) : (
              <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                {s.lines.map((cells, i) => (
                  <Box
                    component="li"
                    key={i}
                    sx={{
                      display: 'grid',
                      gridTemplateColumns: { xs: '1fr', sm: '1.3fr 1.3fr 1fr' },
                      columnGap: 2,
                      borderTop: 1,
                      borderColor: 'divider',
                      py: 0.75,
                      overflowWrap: 'anywhere',
                    }}
                  >
                    {cells.map((c, k) => (
                      <Box
                        key={k}
                        sx={{ fontWeight: k === 0 ? 600 : 400, textAlign: { sm: s.title === 'Bill' && k === 2 ? 'right' : 'left' } }}
                      >
                        {c}
                      </Box>
                    ))}
                  </Box>
                ))}
              </Box>
            )}
          </Box>
        ))}
        <Typography color="text.secondary" sx={{ mt: 3 }}>
          {notice}
        </Typography>
      </Box>
    </Page>
  );
}
