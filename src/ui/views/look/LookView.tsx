import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { cylindersOf } from '../../../core/knowledge';
import { firstLook, gatesNow } from '../../../core/stage';
import { placeName, positionsOf, rowWords } from '../../../core/trace';
import type { JobSnapshot as Snapshot } from '../../../core/record';
import { useJob } from '../../job/useJob';
import { JobShell } from '../../parts/JobShell';
import { Tag } from '../../parts/Tag';
import { TestCard } from '../../parts/test/TestCard';

export default function LookView({ snapshot }: { snapshot: Snapshot }) {
  return (
    <JobShell snapshot={snapshot} stage="look">
      <Look />
    </JobShell>
  );
}

/** The first look, before anything is turned or spun: one thing after the other, and the gates that follow from it. */
function Look() {
  const { knowledge, traced, jobId } = useJob();
  const items = firstLook(knowledge, traced);
  const gates = useMemo(() => gatesNow(knowledge, traced), [knowledge, traced]);
  const [chosen, setChosen] = useState<string | null>(null);
  const keyOf = (i: (typeof items)[number]) => `${i.test.id}#${i.position ?? ''}`;
  const current = items.find((i) => keyOf(i) === chosen) ?? items.find((i) => !i.done);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 372px' }, alignItems: 'start' }}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        {gates.map((g) => (
          <Typography
            key={g.id}
            role="status"
            sx={{ fontWeight: 600, borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', px: 1.5, py: 1 }}
          >
            {g.hidden}
          </Typography>
        ))}
        {current ? (
          <TestCard
            key={keyOf(current)}
            test={current.test}
            position={current.position}
            ranking={null}
            over="First look, before anything is spun"
            predict={false}
            onDone={() => setChosen(null)}
          />
        ) : (
          <Tag lead title="The first look is done">
            <Typography sx={{ mb: 1.5 }}>What was seen stands as evidence already.</Typography>
            <Button variant="contained" href={`/job/${jobId}/trace`}>
              On to the trace
            </Button>
          </Tag>
        )}
      </Box>
      <Tag title="To look at">
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {items.map((i) => {
            const last = traced.evidence.filter((e) => !e.withdrawn && e.testId === i.test.id && e.position === i.position).at(-1);
            const name = placeName(i.test.name, i.position, positions);
            return (
              <Box
                component="li"
                key={keyOf(i)}
                sx={{ borderTop: 1, borderColor: 'divider', display: 'flex', alignItems: 'center', gap: 1, minHeight: 56 }}
              >
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Typography sx={{ fontWeight: i === current ? 600 : 400 }}>{name}</Typography>
                  {last && (
                    <Typography variant="body2" color="text.secondary">
                      {rowWords(knowledge, traced, last.id).split(/: (.*)/)[1]}
                      {last.note ? ` · ${last.note}` : ''}
                    </Typography>
                  )}
                </Box>
                <Button variant="text" onClick={() => setChosen(keyOf(i))} aria-label={`${i.done ? 'Look again' : 'Look'}: ${name}`}>
                  {i.done ? 'Again' : 'Look'}
                </Button>
              </Box>
            );
          })}
        </Box>
      </Tag>
    </Box>
  );
}
