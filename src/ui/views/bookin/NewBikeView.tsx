import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { effectOf, command as commandOf } from '../../../core/command';
import { emptyState, type JobSnapshot, type Own, type SymptomAnswer, type WorkshopContext } from '../../../core/state';
import { OwnContext } from '../../job/useJob';
import { openJob, openingProblem } from '../../device/openJob';
import { useDevice } from '../../device/useDevice';
import { ConnectionStatus } from '../../frame/ConnectionStatus';
import { Field } from '../../controls/Field';
import { Page } from '../../frame/Page';
import { SymptomPicker } from '../../widgets/SymptomPicker';
import { Card } from '../../controls/Card';
import { KnownBikes } from './KnownBikes';

interface Form {
  name: string;
  owner: string;
  words: string;
}

const draftKey = 'ivrek-book-in';
const none: readonly Own[] = [];
type Draft = Partial<Form> & { symptoms?: Record<string, SymptomAnswer> };

function readDraft(): Draft {
  try {
    return JSON.parse(localStorage.getItem(draftKey) ?? '{}') as Draft;
  } catch {
    return {};
  }
}

/** Three fields, and the bike is in. The rest can wait. */
export default function NewBikeView({ workshop, offline = false }: { workshop: WorkshopContext; offline?: boolean }) {
  const { device, line, items, room } = useDevice(workshop.shop.id);
  const [symptoms, setSymptoms] = useState<Record<string, SymptomAnswer>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const { register, handleSubmit, formState, reset, setFocus, watch } = useForm<Form>({
    defaultValues: { name: '', owner: '', words: '' },
  });
  useEffect(() => {
    // Who begins here has opened no other screen yet, and may lose the line before the bike is in.
    if (!offline) void device.saveWorkshop(workshop, true);
  }, [device, workshop, offline]);
  useEffect(() => {
    const { symptoms: picked, ...texts } = readDraft();
    if (Object.values(texts).some(Boolean)) reset({ name: '', owner: '', words: '', ...texts });
    if (picked) setSymptoms(picked);
  }, [reset]);
  useEffect(() => {
    // Whoever has begun to write already stays where they are.
    if (document.activeElement === document.body) setFocus('name');
  }, [setFocus]);
  const values = watch();
  useEffect(() => {
    // What is typed survives a reload or a flat tablet.
    if (formState.isDirty || Object.keys(symptoms).length) localStorage.setItem(draftKey, JSON.stringify({ ...values, symptoms }));
  }, [values, symptoms, formState.isDirty]);

  const book = handleSubmit(async (f) => {
    const id = () => crypto.randomUUID();
    const [bikeId, newJobId, personalId] = [id(), id(), id()];
    const command = commandOf(
      'bike.bookIn',
      bikeId,
      {
        bikeId,
        newJobId,
        ownerId: id(),
        personalId,
        complaintId: id(),
        name: f.name.trim(),
        words: f.words.trim(),
        symptoms,
        rate: workshop.shop.rate,
      },
      { id: id(), madeAt: new Date().toISOString() },
    );
    const outcome = effectOf(emptyState(), command);
    if (!outcome.ok) return setProblem(outcome.refusal.message);
    const personal = [{ id: personalId, name: f.owner.trim(), phone: null, email: null }];
    const opened: JobSnapshot = { ...workshop, jobId: newJobId, rows: { own: [...(workshop.own ?? none)] }, personal, journal: [] };
    const opening = await openJob(device, opened, {
      id: command.id,
      shopId: workshop.shop.id,
      jobId: newJobId,
      command,
      personal,
      actorId: workshop.actor?.id ?? null,
      photos: [],
      changes: outcome.changes,
      state: 'waiting',
    });
    const wrong = openingProblem(opening);
    if (wrong) return setProblem(wrong);
    localStorage.removeItem(draftKey);
    location.assign(`/job/${newJobId}/look`);
  });
  const field = (name: keyof Form, missing: string, most: number) => {
    const { ref, ...rest } = register(name, {
      validate: (v) => (v.trim() === '' ? missing : v.length <= most || `At most ${most} characters.`),
    });
    return { ...rest, inputRef: ref, error: formState.errors[name]?.message };
  };
  return (
    <Page title="Book in a bike" find>
      <Box component="form" noValidate onSubmit={book} sx={{ display: 'grid', gap: 2, maxWidth: 860 }}>
        <ConnectionStatus line={line} waiting={items.length} room={room} />
        {problem && (
          <Alert severity="warning" role="alert">
            {problem}
          </Alert>
        )}
        <Card lead sx={{ display: 'grid', gap: 1.5 }}>
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            <Field label="Bike: make and model" {...field('name', 'Enter the bike: make and model, as you call it.', 120)} />
            <Field label="Owner" {...field('owner', 'Enter the owner.', 120)} />
          </Box>
          <Field label="Complaint, in the owner’s words" multiline minRows={2} {...field('words', 'Enter the complaint.', 2000)} />
          <Box>
            <Button type="submit" variant="contained" disabled={formState.isSubmitting}>
              Book in
            </Button>
          </Box>
          {/* Last, so that nothing moves under the hands of one who goes on typing. */}
          <KnownBikes name={values.name} />
        </Card>
        <Card title="If there is time now" over="Optional. The rest of the bike and its history come after booking in.">
          <OwnContext.Provider value={workshop.own ?? none}>
            <SymptomPicker words={values.words} value={symptoms} onChange={setSymptoms} />
          </OwnContext.Provider>
        </Card>
      </Box>
    </Page>
  );
}
