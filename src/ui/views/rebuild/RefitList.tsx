import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { factsOf } from '../../../core/knowledge';
import { show } from '../../../core/quantity';
import { countWords, type Step } from '../../../core/state';
import {
  accountOf,
  pieceCode,
  runningBeside,
  torquesOf,
  worthWhileOpen,
  type RefitPlan,
  type RefitStep as Planned,
} from '../../../core/strip';
import { useJob } from '../../job/useJob';
import { AutosaveField } from '../../controls/AutosaveField';
import { Card } from '../../controls/Card';
import { Empty } from '../../controls/Empty';
import { lazyPart } from '../../controls/lazyPart';
import { ShowMore } from '../../controls/ShowMore';
import { BagTag } from '../../widgets/BagTag';
import { ReasonLine } from '../../widgets/fitness/Reasons';
import { useFitness } from '../../widgets/fitness/useFitness';
import { WorkHazards } from '../../widgets/Hazards';
import { PhotoStrip } from '../../widgets/photo/PhotoStrip';
import { CheckLine } from '../../widgets/StepFacts';
import { useRefitPlan } from '../../widgets/order/useRefitPlan';
import { OutlineShown } from '../../widgets/outline/StepOutline';
import { FreshParts } from '../../widgets/FreshParts';

const OverruleDialog = lazyPart(() => import('../../widgets/fitness/OverruleDialog'));

/** What is off, in the order in which it goes back on: what can go on now, and what the others wait for. */
export function RefitList({ reveal }: { reveal: string | null }) {
  const { rows } = useJob();
  const account = accountOf(rows('step'), rows('fastener'));
  const plan = useRefitPlan();
  const owed = plan.steps.reduce((n, s) => n + s.owed.length, 0);
  const back = rows('step').filter((s) => s.refittedAt).length;
  // Nothing left over is only half of it: what was found, what is not fitted and what is not torqued is open as well.
  const open = useFitness().handOver.reasons.filter((r) => /^(part|cause|torque):/.test(r.code));
  return (
    <Card
      lead
      title="Refit"
      over={
        account.off.length
          ? [
              `${countWords(account.off.length, 'step')}, ${countWords(account.fastenersOut, 'fastener')}, ${countWords(account.bagsOut.length, 'bag')} to go`,
              `${plan.ready} ready`,
              owed && `${countWords(owed, 'check')} owed`,
            ]
              .filter(Boolean)
              .join(' · ')
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
      <InParallel plan={plan} />
      {account.off.length === 0 && back > 0 && open.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {open.map((r) => (
            <ReasonLine key={r.code} reason={r} />
          ))}
        </Box>
      )}
      <ShowMore list={plan.steps.map((s) => ({ id: s.step.id, ...s }))} reveal={reveal}>
        {(s, i) => <RefitStep planned={s} first={i === 0} />}
      </ShowMore>
    </Card>
  );
}

/** What can go on in any order, and what runs by itself beside it. */
function InParallel({ plan }: { plan: RefitPlan }) {
  const { rows } = useJob();
  const ready = plan.steps.filter((s) => s.ready).map((s) => s.step.title);
  const running = runningBeside({ treated: rows('treatedPart'), waits: rows('wait') });
  const lines = [
    ready.length > 1 && `In any order now: ${ready.slice(0, 6).join(', ')}${ready.length > 6 ? ` and ${ready.length - 6} more` : ''}.`,
    plan.steps.length > 0 && running.length > 0 && `Running beside it: ${running.join('; ')}.`,
  ].filter(Boolean);
  if (lines.length === 0) return null;
  return (
    <Box data-testid="in-parallel" sx={{ py: 0.5 }}>
      {lines.map((l) => (
        <Typography key={l as string}>{l}</Typography>
      ))}
    </Box>
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

/** What a step waits for, in the order in which it is to be done. */
function waitsWords({ waitsFor }: Planned): string {
  // The nearest stands first in the plan; what is done first is said first.
  const steps = waitsFor
    .filter((w) => w.kind === 'step')
    .map((w) => w.words)
    .reverse();
  const parts = waitsFor.filter((w) => w.kind === 'part').map((w) => w.words);
  const treated = waitsFor.filter((w) => w.kind === 'cleaning').map((w) => w.words);
  return [
    steps.length && `After: ${steps.join(', ')}.`,
    parts.length && `Waits for parts: ${parts.join(', ')}.`,
    treated.length && `Not ready: ${treated.join(', ')}.`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** Torques that are planned for what this step closes, in their stages. */
function StepTorques({ step }: { step: Step }) {
  const { rows } = useJob();
  const signed = new Set(rows('signature').map((s) => s.subjectId));
  const own = torquesOf(rows('torque'), step);
  if (own.length === 0) return null;
  return (
    <Box component="ul" aria-label="Torques" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {own.map((t) => {
        const stages = rows('torqueStage')
          .filter((s) => s.torqueId === t.id)
          .sort((a, b) => a.n - b.n)
          .map((s) => (s.kind === 'torque' ? show(s.value, t.unit) : `+ ${s.value}°`));
        return (
          <Typography component="li" key={t.id}>
            Torque: {t.name}, {t.count} × {t.thread ?? 'thread not noted'}: {stages.join(', then ')} {t.unit}
            {signed.has(t.id) ? ', signed' : ''}
          </Typography>
        );
      })}
    </Box>
  );
}

/** Tests that this step shuts away: made now, nothing has to come off for them again. */
function WorthNow({ planned: { step, ready } }: { planned: Planned }) {
  const { knowledge, rows, traced } = useJob();
  if (!ready || !step.access) return null;
  const off = new Set(rows('step').flatMap((s) => (s.access && !s.refittedAt ? [s.access] : [])));
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const tests = worthWhileOpen(knowledge, step, { off, evidence: traced.evidence }, facts);
  if (tests.length === 0) return null;
  return (
    <Box>
      <Typography sx={{ fontWeight: 600 }}>While it is open, so that it need not come off again:</Typography>
      {tests.map((t) => (
        <Typography key={t.id} variant="body2">
          {t.name}, {t.minutes} min
        </Typography>
      ))}
    </Box>
  );
}

/** One step to refit: what it waits for, how it stood, what is new, what is checked, and every fastener counted. */
// eslint-disable-next-line max-lines-per-function -- one step from top to bottom, in the order in which it is done
function RefitStep({ planned, first }: { planned: Planned; first: boolean }) {
  const { step, usual, ready, owed } = planned;
  const { store, rows, jobId } = useJob();
  const own = rows('fastener').filter((f) => f.stepId === step.id);
  const facts = rows('fact').filter((f) => f.stepId === step.id);
  const [open, setOpen] = useState(first);
  const [over, setOver] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  /** Answers with what is in the way, if anything is. */
  const refit = (counts: Record<string, number>): string | null => {
    const done = store.act('step.refit', step.id, { jobId, counts });
    return done.ok ? null : done.refusal.message;
  };
  const waits = waitsWords(planned);
  const back = [...facts.filter((f) => f.kind !== 'check' && f.says).map((f) => `${f.about}: ${f.says}`), ...(usual?.back ?? [])];
  return (
    <Box id={`step-${step.id}`} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }} data-testid="refit-step" data-ready={ready}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button
          variant="text"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          sx={{ flex: 1, justifyContent: 'flex-start', textAlign: 'left', color: 'text.primary', px: 0.5 }}
        >
          {step.title}
        </Button>
        <Typography variant="body2" sx={{ color: ready ? 'bench.green' : 'text.secondary', fontWeight: ready ? 600 : 400 }}>
          {ready ? 'Ready' : 'Waits'}
        </Typography>
        {step.bag && <BagTag label={step.bag} back={false} />}
      </Box>
      {open && (
        <Box sx={{ display: 'grid', gap: 1 }}>
          {waits && (
            <Typography
              role="status"
              sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, py: 0.5 }}
            >
              {waits}
            </Typography>
          )}
          {step.note && <Typography>{step.note}</Typography>}
          {back.length > 0 && (
            <Box component="ul" sx={{ m: 0, pl: 2.5 }} aria-label="On the way back">
              {back.map((b) => (
                <Typography component="li" key={b}>
                  {b}
                </Typography>
              ))}
            </Box>
          )}
          <OutlineShown step={step} />
          <WorthNow planned={planned} />
          <FreshParts names={usual?.fresh ?? []} stepId={step.id} />
          <StepTorques step={step} />
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
          {facts.some((f) => f.kind === 'check') && (
            <Box component="ul" aria-label="Check before closing" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {facts.map((f) => f.kind === 'check' && <CheckLine key={f.id} fact={f} />)}
            </Box>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button variant="contained" onClick={() => setRefused(refit(Object.fromEntries(own.map((f) => [f.id, f.count]))))}>
              All refitted
            </Button>
            {refused && owed.length > 0 && (
              <Button color="error" onClick={() => setOver(true)}>
                Close anyway
              </Button>
            )}
          </Box>
          {/* The bar above says it aloud. */}
          {refused && <Typography color="error">{refused}</Typography>}
          {over && (
            <OverruleDialog
              verdict={{ act: 'turn', reasons: owed.map((o) => ({ code: o.code, because: `Owed: ${o.words}` })) }}
              title="Close it anyway"
              onClose={() => setOver(false)}
            />
          )}
        </Box>
      )}
    </Box>
  );
}
