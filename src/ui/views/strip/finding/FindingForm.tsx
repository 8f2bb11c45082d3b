import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { verdicts } from '../../../../core/state';
import { inOrder } from '../../../../core/strip';
import { lastRepairId, placeName } from '../../../../core/trace';
import { Card } from '../../../controls/Card';
import { Choice } from '../../../controls/Choice';
import { Field } from '../../../controls/Field';
import { SelectField } from '../../../controls/SelectField';
import { useJob } from '../../../job/useJob';
import { FreeReading, useReadDraft } from '../../../widgets/FreeReading';
import { WearPick } from '../../../widgets/wear/WearPick';
import { freshFinding, useFinding, type FindingDraft } from './draft';
import { Follows, followed } from './Follows';
import { PastSigns } from './PastSigns';

/** Of a long strip the newest steps are offered: a part is looked at when it is off. */
const mostOffered = 80;

/** What was seen on a part, in words of wear, measured or not, and the verdict: evidence in the same moment, and work that follows. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function FindingForm() {
  const used = useJob();
  const { store, rows, traced, jobId } = used;
  const readDraft = useReadDraft();
  const [draft, setDraft] = useState(freshFinding);
  const set = (next: Partial<FindingDraft>) => setDraft((had) => ({ ...had, ...next }));
  const { item, step, part, past, seen, wear, verdict, against, suspects, suspect, places, position, renews } = useFinding(draft);
  const [tried, setTried] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const steps = rows('step');
  const area = past?.of === 'hand' ? draft.area : '';
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    const reading = readDraft(draft.reading);
    if (!item.trim() || !seen.trim() || !verdict || reading === 'bad' || (past?.of === 'hand' && !area)) return;
    const id = store.newId();
    const add = () =>
      store.act('finding.add', id, {
        jobId,
        stepId: step?.id ?? null,
        item: item.trim(),
        position,
        seen: seen.trim(),
        reading,
        conditions: {},
        verdict,
        wear,
        past: past?.id ?? null,
        faultId: suspect?.fault.id ?? null,
        afterRepairId: lastRepairId(traced.repairs),
      }).ok;
    const name = item.trim().slice(0, 120);
    if (
      !store.together(
        () => add() && followed(used, { id, item: name, verdict, stepId: step?.id ?? null, past, area, renews, wanted: draft.follow }),
      )
    )
      return;
    setDraft(freshFinding);
    setTried(false);
    setChoosing(false);
  };
  return (
    <Card title="Add a finding" data-testid="finding-form">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25 }}>
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: steps.length > 0 ? '1fr 1fr' : '1fr' } }}>
          <Field
            label="Part"
            value={item}
            onChange={(e) => set({ item: e.target.value })}
            error={tried && !item.trim() ? 'Which part?' : null}
            inputProps={{ maxLength: 120 }}
          />
          {steps.length > 0 && (
            <SelectField
              label="Came off with"
              value={step?.id ?? ''}
              options={[...inOrder(steps).reverse().slice(0, mostOffered), { id: '', title: 'nothing that is logged' }].map((s) => ({
                id: s.id,
                label: s.title,
              }))}
              onChange={(stepId) => set({ stepId, item: draft.item?.trim() ? draft.item : null })}
            />
          )}
        </Box>
        <WearPick part={part} value={draft.wear} onChange={(w) => set({ wear: w })} />
        <Field
          label="Condition"
          value={seen}
          onChange={(e) => set({ seen: e.target.value })}
          error={tried && !seen.trim() ? 'Enter the condition.' : null}
        />
        {places.length > 0 && (
          <Choice
            label="Cylinder"
            value={position}
            options={places.map((p) => ({ value: p, label: p }))}
            onChange={(p) => set({ position: p })}
            hint={position ? undefined : 'Which one? Without it this is evidence on none.'}
          />
        )}
        <FreeReading optional draft={draft.reading} onDraft={(reading) => set({ reading })} strict={tried} />
        <Choice
          label="Verdict"
          value={verdict}
          options={verdicts.map((v) => ({ value: v, label: v }))}
          onChange={(v) => set({ verdict: v })}
          hint={
            tried && !verdict
              ? 'Choose a verdict; what is judged by feel is “watch”.'
              : against === 'out' && verdict === 'fit for use'
                ? 'The reading is past its limit.'
                : undefined
          }
        />
        <Box>
          <Typography role="status">
            {suspect
              ? `Evidence on: ${placeName(suspect.fault.name, suspect.position, suspect.position ? ['1', '2'] : [])}`
              : 'Evidence on no suspect'}
          </Typography>
          {choosing ? (
            <SelectField
              label="Evidence on"
              value={suspect?.key ?? ''}
              options={[
                { id: '', label: 'no suspect' },
                ...suspects.map((s) => ({ id: s.key, label: placeName(s.fault.name, s.position, s.position ? ['1', '2'] : []) })),
              ]}
              onChange={(key) => set({ suspect: key })}
            />
          ) : (
            <Button variant="text" onClick={() => setChoosing(true)}>
              Another suspect
            </Button>
          )}
        </Box>
        <PastSigns draft={draft} of={past?.of ?? null} onDraft={set} strict={tried} />
        <Follows item={item.trim()} verdict={verdict} renews={renews} wanted={draft.follow} onChange={(follow) => set({ follow })} />
        <Box>
          <Button type="submit" variant="contained">
            Add finding
          </Button>
        </Box>
        <Typography variant="body2" color="text.secondary">
          A score that catches a fingernail is too deep to hone. Keep together what ran together. Fit new head and crush washers.
        </Typography>
      </Box>
    </Card>
  );
}
