import Box from '@mui/material/Box';
import { countWords } from '../../../core/state';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Step } from '../../../core/state';
import { accountOf, pieceCode } from '../../../core/strip';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { ReasonLine } from '../../widgets/fitness/Reasons';
import { useFitness } from '../../widgets/fitness/useFitness';
import { lazyPart } from '../../controls/lazyPart';
import { ShowMore } from '../../controls/ShowMore';
import { Empty } from '../../controls/Empty';
import { WorkHazards } from '../../widgets/Hazards';
import { PhotoStrip } from '../../widgets/photo/PhotoStrip';
import { Errata } from '../../widgets/Errata';
import { AutosaveField } from '../../controls/AutosaveField';
import { Card } from '../../controls/Card';
import { BagTag } from '../../widgets/BagTag';
import { Pieces } from '../../widgets/Pieces';
import { TorqueForm } from './TorqueForm';
import { TorqueList } from './TorqueList';

const OverruleDialog = lazyPart(() => import('../../widgets/fitness/OverruleDialog'));

export default function RebuildView() {
  return (
    <Columns share={[1, 1.15]}>
      <Column>
        <BackOn />
        <Pieces />
      </Column>
      <Column>
        <TorqueList />
        <TorqueForm />
        <Errata />
      </Column>
    </Columns>
  );
}

/** The strip in reverse: the last step off is the first back on, with every fastener counted. */
function BackOn() {
  const { rows } = useJob();
  const account = accountOf(rows('step'), rows('fastener'));
  const back = rows('step').filter((s) => s.refittedAt).length;
  // Nothing left over is only half of it: what was found, what is not fitted and what is not torqued is open as well.
  const open = useFitness().handOver.reasons.filter((r) => /^(part|cause|torque):/.test(r.code));
  return (
    <Card
      lead
      title="Refit"
      over={
        account.off.length
          ? `${countWords(account.off.length, 'step')}, ${countWords(account.fastenersOut, 'fastener')}, ${countWords(account.bagsOut.length, 'bag')} to go`
          : undefined
      }
      data-testid="back-on"
    >
      {account.off.length === 0 && (
        <Empty>
          {!back
            ? 'Steps logged in Strip appear here, last off first.'
            : open.length
              ? 'All steps refitted. Still open:'
              : 'Everything logged is refitted.'}
        </Empty>
      )}
      {account.off.length > 0 && <LostFirst />}
      {account.off.length === 0 && back > 0 && open.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {open.map((r) => (
            <ReasonLine key={r.code} reason={r} />
          ))}
        </Box>
      )}
      <ShowMore list={account.off}>{(s, i) => <RefitStep step={s} first={i === 0} before={i > 0 ? account.off[0] : null} />}</ShowMore>
    </Card>
  );
}

/** Pieces over which nothing is closed: what they are, and a person's word, with a reason, that goes over them. */
function LostFirst() {
  const { turn } = useFitness();
  const [over, setOver] = useState(false);
  const reasons = turn.reasons.filter((r) => r.code.startsWith(pieceCode({ id: '' })));
  if (reasons.length === 0) return null;
  return (
    <Box sx={{ bgcolor: 'bench.redWash', borderLeft: '6px solid', borderColor: 'bench.red', pl: 1.5, py: 1 }} data-testid="lost-first">
      <Typography sx={{ fontWeight: 600 }}>Close nothing yet:</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {reasons.map((r) => (
          <ReasonLine key={r.code} reason={r} />
        ))}
      </Box>
      <Button color="error" onClick={() => setOver(true)}>
        Close anyway
      </Button>
      {over && <OverruleDialog verdict={{ ...turn, reasons }} title="Close over it anyway" onClose={() => setOver(false)} />}
    </Box>
  );
}

/** One step to put back. `before` is what came off after it and is not back: it goes on first. */
function RefitStep({ step, first, before }: { step: Step; first: boolean; before: Step | null }) {
  const { store, rows, jobId } = useJob();
  const own = rows('fastener').filter((f) => f.stepId === step.id);
  const [open, setOpen] = useState(first);
  const [refused, setRefused] = useState<string | null>(null);
  /** Answers with what is in the way, if anything is. */
  const refit = (counts: Record<string, number>): string | null => {
    const done = store.act('step.refit', step.id, { jobId, counts });
    return done.ok ? null : done.refusal.message;
  };
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button
          variant="text"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          sx={{ flex: 1, justifyContent: 'flex-start', textAlign: 'left', color: 'text.primary', px: 0.5 }}
        >
          {step.title}
        </Button>
        {step.bag && <BagTag label={step.bag} back={false} />}
      </Box>
      {open && (
        <Box sx={{ display: 'grid', gap: 1 }}>
          {before && (
            <Typography
              role="status"
              sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, py: 0.5 }}
            >
              {before.title} came off after this and is not all back.
            </Typography>
          )}
          {step.note && <Typography>{step.note}</Typography>}
          <WorkHazards words={[step.title, step.note]} access={step.access} place="rebuild" />
          <PhotoStrip
            fixed
            of={[{ subject: 'step', subjectId: step.id }, ...(step.bag ? [{ subject: 'bag' as const, bag: step.bag }] : [])]}
            label={step.title}
          />
          {own.map((f) => (
            <Box key={f.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
              <Box sx={{ flex: '1 1 150px', minWidth: 0 }}>
                {f.count} × {f.size} {f.place ?? ''}
              </Box>
              <AutosaveField
                sx={{ width: '8.5rem' }}
                label={
                  <Box component="span" sx={{ fontWeight: 400 }}>
                    Refitted (of {f.count})
                  </Box>
                }
                value={String(f.refitted)}
                inputProps={{ inputMode: 'numeric', 'aria-label': `${f.size} ${f.place ?? ''}: refitted (of ${f.count})` }}
                onSet={(t) => {
                  if (!/^\d{1,3}$/.test(t)) return 'A whole number.';
                  if (Number(t) > f.count) return `Only ${f.count} came off.`;
                  return refit({ [f.id]: Number(t) });
                }}
              />
            </Box>
          ))}
          <Box>
            <Button variant="contained" onClick={() => setRefused(refit(Object.fromEntries(own.map((f) => [f.id, f.count]))))}>
              All refitted
            </Button>
          </Box>
          {/* The bar above says it aloud. */}
          {refused && <Typography color="error">{refused}</Typography>}
        </Box>
      )}
    </Box>
  );
}
