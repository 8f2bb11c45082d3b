import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { accessOf } from '../../../core/knowledge';
import { inOrder, parseFasteners } from '../../../core/strip';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { WorkHazards } from '../../widgets/Hazards';
import { followed, useUsualJob } from './useUsualJob';
import { UsualStepHead, UsualStepNotes } from './UsualStepCard';
import { PhotoPick } from '../../widgets/photo/PhotoPick';
import { addPhoto } from '../../widgets/photo/usePhotos';
import { Card } from '../../controls/Card';
import type { Picture } from '../../device/picture';

/** One strip step: what came off, its fasteners as they are spoken, and the bag they went into. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function StepForm() {
  const used = useJob();
  const { store, rows, jobId, traced } = used;
  const steps = rows('step');
  const bags = steps.flatMap((s) => (s.bag && /^\d+$/.test(s.bag) ? [Number(s.bag)] : []));
  const nextBag = String(Math.max(0, ...bags) + 1);
  const usual = useUsualJob();
  const [choosing, setChoosing] = useState(false);
  const [notes, setNotes] = useState<Record<string, string>>({});
  // Until something else is typed it is the part that the usual job proposes.
  const [typed, setTitle] = useState<string | null>(null);
  const following = typed === null && usual.now !== null;
  const title = typed ?? usual.now?.step.part ?? '';
  const [typedFasteners, setFastenerText] = useState<string | null>(null);
  // The last strip knows what held it.
  const fastenerText = typedFasteners ?? (typed === null ? usual.now?.last?.fasteners : null) ?? '';
  const [bag, setBag] = useState<string | null>(null);
  const [gives, setAccess] = useState<string | null>(null);
  const access = gives ?? (typed === null ? usual.now?.step.access : null) ?? '';
  const [note, setNote] = useState('');
  const [before, setBefore] = useState('');
  const [more, setMore] = useState(false);
  const [tried, setTried] = useState(false);
  const [pictures, setPictures] = useState<Picture[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const parsed = parseFasteners(fastenerText);
  const bagWords = bag ?? (fastenerText.trim() ? nextBag : '');
  const bagTaken = bag !== null && bag.trim() !== '' && steps.some((s) => !s.refittedAt && s.bag === bag.trim());

  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!title.trim() || !parsed.ok) return;
    const stepId = store.newId();
    const add = () =>
      store.act('step.add', stepId, {
        jobId,
        title: title.trim(),
        access: access || null,
        bag: bagWords.trim() || null,
        note: note.trim() || null,
        fasteners: parsed.fasteners.map((f) => ({ id: store.newId(), ...f })),
      }).ok;
    const place = () => !before || store.act('step.place', stepId, { jobId, before }).ok;
    const follow = () => typed !== null || !usual.now || followed(store, jobId, stepId, usual.now, notes);
    if (!store.together(() => add() && place() && follow())) return;
    if (typed === null && usual.now) usual.logged();
    void (async () => {
      for (const picture of pictures) setProblem(await addPhoto(used, { subject: 'step', subjectId: stepId }, picture));
    })();
    setPictures([]);
    setTitle(null);
    setNotes({});
    setFastenerText(null);
    setBag(null);
    setAccess(null);
    setNote('');
    setBefore('');
    setTried(false);
  };
  return (
    <Card lead title="Log a part removed" data-testid="step-form">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25 }}>
        {choosing && (
          <SelectField
            label="Usual job"
            value={usual.chosen}
            options={[{ id: '', label: 'none' }, ...usual.jobs.map((j) => ({ id: j.id, label: j.name }))]}
            onChange={(id) => (usual.choose(id), setChoosing(false))}
          />
        )}
        {usual.now && following && <UsualStepHead {...usual.now} />}
        <Field
          label="Part removed"
          value={title}
          onChange={(e) => setTitle(e.target.value)}
          error={tried && !title.trim() ? 'Enter the part.' : null}
          inputProps={{ maxLength: 200 }}
        />
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'minmax(0,1fr) 110px' }}>
          <Field
            label="Fasteners"
            value={fastenerText}
            onChange={(e) => setFastenerText(e.target.value)}
            hint="4x M6x25 left cover, 2 M6x40"
            error={tried && !parsed.ok ? parsed.message : null}
          />
          <Field
            label="Bag"
            value={bagWords}
            onChange={(e) => setBag(e.target.value)}
            inputProps={{ maxLength: 40 }}
            hint={bagTaken ? 'in use' : undefined}
          />
        </Box>
        {parsed.ok && parsed.fasteners.length > 0 && (
          <Typography variant="body2" color="text.secondary" role="status">
            Understood: {parsed.fasteners.map((f) => `${f.count} × ${f.size}${f.place ? ` (${f.place})` : ''}`).join(', ')}
          </Typography>
        )}
        {more && (
          <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            <FormControl fullWidth>
              <FormLabel id="access-label">Gives access to</FormLabel>
              <Select displayEmpty labelId="access-label" value={access} onChange={(e) => setAccess(e.target.value)}>
                <MenuItem value="">nothing listed</MenuItem>
                {accessOf(used.knowledge, traced.bike.archetype).map((a) => (
                  <MenuItem key={a.id} value={a.id}>
                    {a.name}
                  </MenuItem>
                ))}
              </Select>
            </FormControl>
            <Field label="Which way round, wires, hoses, marks" value={note} onChange={(e) => setNote(e.target.value)} />
            {steps.length > 0 && (
              <SelectField
                label="Came off before (if forgotten)"
                value={before}
                options={[{ id: '', label: 'the last so far' }, ...inOrder(steps).map((s) => ({ id: s.id, label: s.title }))]}
                onChange={setBefore}
              />
            )}
          </Box>
        )}
        {/* A step of the usual job has its cautions where it is told. */}
        <WorkHazards words={[following ? null : title, note]} access={following ? null : access} place="strip" />
        {problem && (
          <Typography role="alert" color="error">
            {problem}
          </Typography>
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button type="submit" variant="contained">
            Add step
          </Button>
          <PhotoPick label="this step" onPictures={(p) => setPictures((have) => [...have, ...p])} />
          {pictures.length > 0 && (
            <Typography role="status" sx={{ alignSelf: 'center' }}>
              {pictures.length === 1 ? 'One photo goes' : `${pictures.length} photos go`} with it
            </Typography>
          )}
          {!choosing && !following && usual.jobs.length > 0 && (
            <Button variant="text" onClick={() => setChoosing(true)}>
              Usual job
            </Button>
          )}
          <Button variant="text" onClick={() => setMore(!more)} aria-expanded={more}>
            {more ? 'Less' : 'More'}
          </Button>
        </Box>
        {usual.now && following && (
          <UsualStepNotes
            step={usual.now.step}
            notes={notes}
            stood={usual.now.last?.stood}
            onNote={(about, says) => setNotes((had) => ({ ...had, [about]: says }))}
            onSkip={() => usual.skip(usual.now!.step)}
            leftOut={usual.leftOut}
            onBringBack={usual.bringBack}
            onOther={() => setChoosing(true)}
          />
        )}
      </Box>
    </Card>
  );
}
