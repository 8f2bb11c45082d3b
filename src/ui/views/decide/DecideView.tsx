import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { amount, billOf, cents, spentCents } from '../../../core/money';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Empty } from '../../controls/Empty';
import { Card } from '../../controls/Card';
import { Agreed } from '../../widgets/Agreed';
import { FindingList } from '../../widgets/FindingList';
import { Complaints } from '../../widgets/Complaints';

/** What is known, what it has cost, what is still to come, and what the owner said yes to. */
export default function DecideView() {
  const { store, state, jobId, rows, traced } = useJob();
  const { currency } = store.snapshot.shop;
  const consent = rows('consent').at(-1);
  const spent = spentCents(state, jobId);
  const toCome = billOf(
    rows('part').filter((p) => p.status === 'needed'),
    [],
    traced.job.rate,
  ).totalCents;
  const left = consent?.upTo ? cents(consent.upTo) - spent - toCome : null;
  const money = (c: number) => `${amount(c)} ${currency}`;
  return (
    <Columns share={[1.2, 1]}>
      <Column>
        <Complaints />
        <Card title="Causes" data-testid="causes">
          {traced.causes.length === 0 && <Empty>No cause named yet. Name it in Trace when you log its repair.</Empty>}
          {traced.causes.map((c) => (
            <Typography key={c.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
              {c.words}
            </Typography>
          ))}
          <Typography variant="body2" color="text.secondary">
            A symptom can be gone and its cause unexplained. Find what made the part fail, or the fault comes back.
          </Typography>
        </Card>
        <FindingList />
      </Column>
      <Column>
        <Card title="Money">
          <Box
            component="dl"
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              gap: 0.75,
              m: 0,
              '& dd': { m: 0, textAlign: 'right', fontWeight: 600 },
            }}
          >
            <dt>Spent and ordered</dt>
            <dd>{money(spent)}</dd>
            <dt>Parts needed, not ordered</dt>
            <dd>{money(toCome)}</dd>
            <dt>Agreed</dt>
            <dd>{consent?.upTo ? money(cents(consent.upTo)) : 'no limit agreed'}</dd>
            {left !== null && (
              <>
                <dt>{left >= 0 ? 'Left of the agreed sum' : 'Over the agreed sum'}</dt>
                <Box component="dd" sx={{ color: left < 0 ? 'bench.red' : 'text.primary' }}>
                  {money(Math.abs(left))}
                </Box>
              </>
            )}
          </Box>
          {left !== null && left < 0 && (
            <Typography role="alert" sx={{ mt: 1, fontWeight: 600 }}>
              Get the owner’s OK before going on.
            </Typography>
          )}
        </Card>
        <Agreed />
      </Column>
    </Columns>
  );
}
