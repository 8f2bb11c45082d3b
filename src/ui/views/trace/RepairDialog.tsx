import { faultById, type FaultDraft } from '../../../core/knowledge';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { insteadWords, lastRepairId, type SuspectView } from '../../../core/trace';
import { openComplaints } from '../../../core/stage';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { Hazards } from '../../widgets/Hazards';
import { lazyPart } from '../../controls/lazyPart';
import type { MadeFault } from '../../widgets/own/FaultForm';
import type { EntryFormProps } from '../../widgets/own/useEntry';

const FaultForm = lazyPart(async () => ({ default: (await import('../../widgets/own/FaultForm')).FaultForm }));

interface Form {
  cause: string;
  words: string;
  minutes: string;
  cost: string;
}

interface RepairDialogProps {
  suspect: SuspectView | null;
  /** How much more it is expected to cost in all to repair this now than to go the cheapest way on, where that is known. */
  more?: number;
  onOpen(): void;
  onClose(): void;
}

/** What a repair is about, how it is written down, and how its cause becomes a fault of the shop's own. */
function useRepair(suspect: SuspectView | null, onClose: () => void) {
  const { store, knowledge, traced, jobId } = useJob();
  // A cause that was not in the list, once the shop keeps it as a fault of its own.
  const [remembered, setRemembered] = useState<string | null>(null);
  const [remembering, setRemembering] = useState(false);
  const fault = suspect && faultById(knowledge, suspect.faultId);
  const openOnes = openComplaints(traced);
  const [about, setAbout] = useState<string | null>(null);
  const complaint = openOnes.find((c) => c.id === about) ?? openOnes[0] ?? traced.complaints[0];
  const form = useForm<Form>({
    defaultValues: {
      cause: suspect?.name ?? '',
      words: fault?.remedy.do ?? '',
      // What is expected is shown; what it took goes on the bill.
      minutes: '',
      cost: '',
    },
  });
  const { register, handleSubmit, formState, setValue, getValues } = form;
  const { errors } = formState;
  const field = (name: keyof Form, rule: Parameters<typeof register>[1]) => {
    const { ref, ...rest } = register(name, rule);
    return { ...rest, inputRef: ref, error: errors[name]?.message };
  };
  const save = handleSubmit((f) => {
    const causeId = store.newId();
    const faultId = fault?.id ?? remembered;
    const position = suspect?.position ?? null;
    const done = store.together(
      () =>
        store.act('cause.name', causeId, { jobId, complaintId: complaint.id, faultId, position, words: f.cause.trim() }).ok &&
        store.act('repair.log', store.newId(), {
          jobId,
          causeId,
          faultId,
          position,
          words: f.words.trim(),
          minutes: Number(f.minutes),
          cost: f.cost.trim() || '0',
          afterRepairId: lastRepairId(traced.repairs),
        }).ok,
    );
    if (done) onClose();
  });
  const remember: EntryFormProps<MadeFault>['onKeep'] = ({ fault: made, finding, test }) => {
    const entry = <T,>(body: T | null) => (body ? [{ id: store.newId(), body }] : []);
    const faults = entry(made);
    const payload = { faults, findings: entry(finding), tests: entry(test), figures: [] };
    const done = store.act('own.add', faults[0].id, payload);
    if (done.ok) {
      setRemembered(made.id);
      setRemembering(false);
      setValue('cause', getValues('cause').trim() || made.name);
    }
    return done.ok;
  };
  return {
    store,
    knowledge,
    jobId,
    fault,
    openOnes,
    complaint,
    setAbout,
    form,
    field,
    save,
    remembered,
    remembering,
    setRemembering,
    remember,
  };
}

/** Names the cause and logs what was done about it. The complaint is tried again after it. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export default function RepairDialog({ suspect, more = 0, onOpen, onClose }: RepairDialogProps) {
  const repair = useRepair(suspect, onClose);
  const {
    store,
    knowledge,
    jobId,
    fault,
    openOnes,
    complaint,
    setAbout,
    form,
    field,
    save,
    remembered,
    remembering,
    setRemembering,
    remember,
  } = repair;
  const { setValue, getValues } = form;
  useEffect(onOpen, [onOpen]);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="repair-title">
      <Box component="form" noValidate onSubmit={save} sx={{ p: 2.5, display: 'grid', gap: 1.5 }}>
        <Typography variant="h2" id="repair-title">
          {suspect ? 'Name the cause and repair it' : 'A cause that is not in the list'}
        </Typography>
        {fault?.remedy.spoils && <Typography color="error">Can’t be undone: be sure first.</Typography>}
        {/* Its place is kept: what it costs comes a moment later. */}
        {suspect && (
          <Typography role="status" sx={{ minHeight: '1.5em' }}>
            {Math.round(more) > 0 && insteadWords(more, store.snapshot.shop.currency, 'Repairing now costs')}
          </Typography>
        )}
        <Field
          label="Cause, in your words"
          autoFocus={!suspect}
          {...field('cause', { validate: (v) => v.trim() !== '' || 'Enter the cause.' })}
        />
        {!suspect && !remembered && (
          <Button variant="outlined" sx={{ justifySelf: 'start' }} onClick={() => setRemembering(true)}>
            Save as a fault of this workshop
          </Button>
        )}
        {remembered && (
          <Typography variant="body2" role="status">
            Saved. From now on it is a suspect on every bike it fits.
          </Typography>
        )}
        {openOnes.length > 1 && (
          <Choice
            label="Complaint it is for"
            clearable={false}
            value={complaint.id}
            options={openOnes.map((c) => ({ value: c.id, label: c.words }))}
            onChange={(id) => setAbout(id)}
          />
        )}
        <Hazards ids={fault?.remedy.hazards} place="repair" />
        {fault?.remedy.sideEffects && (
          <Typography variant="body2">
            <b>Note:</b> {fault.remedy.sideEffects}
          </Typography>
        )}
        {fault?.remedy.others?.map((o) => (
          <Box key={o.do}>
            <Button
              onClick={() => {
                setValue('words', o.do);
              }}
              sx={{ textAlign: 'left' }}
            >
              Alternative: {o.do}
            </Button>
          </Box>
        ))}
        <Field label="Repair done" multiline minRows={2} {...field('words', { validate: (v) => v.trim() !== '' || 'Enter the repair.' })} />
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <Field
            label="Minutes"
            hint={fault ? `Usually about ${fault.remedy.minutes}` : undefined}
            inputProps={{ inputMode: 'numeric' }}
            {...field('minutes', { validate: (v) => /^\d{1,5}$/.test(v.trim()) || 'Whole minutes, such as 45.' })}
          />
          <Field
            label={`Small parts (${store.snapshot.shop.currency})`}
            hint={fault ? `Usually about ${fault.remedy.parts}` : undefined}
            inputProps={{ inputMode: 'decimal' }}
            {...field('cost', { validate: (v) => /^((0|[1-9]\d{0,8})(\.\d{1,2})?)?$/.test(v.trim()) || 'An amount like 12 or 12.50.' })}
          />
        </Box>
        <Typography variant="body2" color="text.secondary">
          Change one thing, then try the complaint again. If two things were changed at once, log two repairs and say so.
        </Typography>
        <Box sx={{ display: 'flex', gap: 1, justifyContent: 'flex-end' }}>
          <Button onClick={onClose}>Back</Button>
          <Button type="submit" variant="contained">
            Log the repair
          </Button>
        </Box>
      </Box>
      {remembering && (
        <FaultForm
          knowledge={knowledge}
          currency={store.snapshot.shop.currency}
          title="A fault of this workshop"
          draftKey={`ivrek-own-from-${jobId}`}
          first={{ ...draftFrom(getValues()), brings: noticed(complaint) }}
          onKeep={remember}
          onClose={() => setRemembering(false)}
        />
      )}
    </Dialog>
  );
}

const draftFrom = (f: Form) => ({ name: f.cause.trim(), do: f.words.trim(), minutes: f.minutes.trim(), parts: f.cost.trim() || '0' });

/** What the owner noticed is what the fault brings, until somebody knows better. */
const noticed = (complaint: { symptoms: Record<string, string> }): FaultDraft['brings'] =>
  Object.keys(complaint.symptoms)
    .filter((finding) => complaint.symptoms[finding] === 'present')
    .map((finding) => ({ finding, grade: 'yes', surely: 'mostly' }));
