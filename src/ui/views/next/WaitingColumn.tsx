import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import type { Board } from '../../../core/stage';
import { Card } from '../../controls/Card';
import { Empty } from '../../controls/Empty';
import { day, dayTime, fromNow } from '../../controls/times';
import { useDeferredRest } from '../../controls/useDeferredRest';
import { fonts } from '../../theme/tokens';
import { waitWords } from '../../widgets/waitWords';

/** What is waited for, what is provisional, and which bikes left. */
export function WaitingColumn({ board: { now, lines, gone } }: { board: Board }) {
  const waiting = lines
    .flatMap((l) => l.waiting.map((w) => ({ ...w, jobId: l.jobId, bike: l.bike })))
    .sort((a, b) => (a.due < b.due ? -1 : 1));
  const shown = useDeferredRest(waiting, 8);
  // What stands below a list that is not whole yet would jump.
  const whole = shown.length === waiting.length;
  return (
    <Box component="section" aria-label="Waiting" sx={{ minWidth: 0, display: 'grid', gap: 1.5 }}>
      <Typography variant="h1" component="h2">
        Waiting
      </Typography>
      {waiting.length === 0 && (
        <Empty>Nothing on hold. Soaking, curing, cooling, a part, the owner’s OK: each has a time to check again.</Empty>
      )}
      {shown.map((w) => (
        <WaitingCard key={w.jobId + w.what} wait={w} now={now} />
      ))}
      {whole && <ProvisionalRepairs lines={lines} now={now} />}
      {whole && gone.length > 0 && (
        <>
          <Typography variant="h2">Handed over</Typography>
          {gone.map((g) => (
            <Box
              component="a"
              key={g.jobId}
              href={`/job/${g.jobId}/handover`}
              sx={{ display: 'flex', alignItems: 'center', minHeight: 48, color: 'inherit' }}
            >
              {g.bike}, {day(g.handedOverAt)}
            </Box>
          ))}
        </>
      )}
    </Box>
  );
}

type Line = Board['lines'][number];

function WaitingCard({ wait: w, now }: { wait: Line['waiting'][number] & Pick<Line, 'jobId' | 'bike'>; now: string }) {
  return (
    <Card>
      <Box
        component="a"
        href={`/job/${w.jobId}/trace`}
        sx={{ display: 'flex', gap: 1.5, color: 'inherit', textDecoration: 'none', minHeight: 48 }}
      >
        <HourglassEmpty sx={{ color: 'bench.brass', mt: 0.25 }} />
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.25rem', lineHeight: 1.1 }}>{w.bike}</Box>
          <Typography>{w.what}</Typography>
          <Typography variant="body2" color="text.secondary">
            {waitWords[w.kind]}, check again {fromNow(w.due, now)} ({dayTime(w.due)})
          </Typography>
        </Box>
      </Box>
    </Card>
  );
}

function ProvisionalRepairs({ lines, now }: Pick<Board, 'lines' | 'now'>) {
  const provisional = lines.flatMap((l) => l.provisional.map((p) => ({ ...p, jobId: l.jobId, bike: l.bike })));
  if (provisional.length === 0) return null;
  return (
    <>
      <Typography variant="h2">Temporary repairs</Typography>
      {provisional.map((p) => (
        <Box
          component="a"
          key={p.jobId + p.what}
          href={`/job/${p.jobId}/handover`}
          sx={{
            display: 'block',
            minHeight: 48,
            color: 'inherit',
            textDecoration: 'none',
            borderTop: 1,
            borderColor: 'divider',
            py: 0.75,
          }}
        >
          <Typography sx={{ fontWeight: 600 }}>
            {p.bike}: {p.what}
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {[
              p.until ? `until ${p.until}` : '',
              p.untilOn ? `by ${day(p.untilOn)}${p.untilOn < now.slice(0, 10) ? ', overdue' : ''}` : '',
              p.mayRide ? 'may be ridden' : 'may not be ridden',
              p.mayLeave ? 'may leave' : 'may not leave',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Typography>
        </Box>
      ))}
    </>
  );
}
