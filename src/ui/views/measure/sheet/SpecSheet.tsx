import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { factsOf } from '../../../../core/knowledge';
import { show } from '../../../../core/quantity';
import { enteredBy, list, type Spec } from '../../../../core/state';
import { templateFor } from '../../../../core/specification';
import { useJob } from '../../../job/useJob';
import { Empty } from '../../../controls/Empty';
import { Card } from '../../../controls/Card';
import { infoOf } from '../../../widgets/test/readingDraft';
import { day } from '../../../controls/times';
import { emptyLimit, limitDraftOf, LimitForm } from './LimitForm';
import { originWords } from './origins';
import { SheetFiles } from './SheetFiles';

/** Standard and service limit in words. */
function limitsOf({ low, high, serviceLow, serviceHigh, unit }: Spec): string {
  const range = (a: number | null, b: number | null) =>
    `${a !== null ? show(a, unit) : '…'} to ${b !== null ? show(b, unit) : '…'} ${unit}`;
  // A row from before there were service limits has none.
  const service = serviceLow != null || serviceHigh != null ? `, service limit ${range(serviceLow ?? null, serviceHigh ?? null)}` : '';
  return `${range(low, high)}${service}`;
}

/** This bike's own limits, each with where it says so. Where one stands here the general value steps back. */
export function SpecSheet() {
  const { knowledge, traced, state } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const [draft, setDraft] = useState(emptyLimit);
  const [allOpen, setAllOpen] = useState(false);
  const errata = list(state, 'erratum').filter((e) => e.bikeId === traced.bike.id);
  const who = (s: Spec) => {
    const by = enteredBy(state, 'spec', s.id);
    return by ? ` · entered ${by.name ? `by ${by.name}, ` : ''}${day(by.at)}` : '';
  };
  const nameOf = (quantity: string) => infoOf(knowledge, quantity, facts).name;
  const missing = templateFor(facts).filter((q) => !traced.specs.some((s) => s.quantity === q));
  const shownMissing = allOpen ? missing : missing.slice(0, 4);
  return (
    <Card title="Limits of this bike" over="From its manual, with the page" data-testid="sheet">
      {traced.specs.length === 0 && <Empty>None entered. Readings use general values, marked as such.</Empty>}
      {traced.specs.map((s) => (
        <Box key={s.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 0.5 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography sx={{ fontWeight: 600 }}>{nameOf(s.quantity)}</Typography>
            <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
              {limitsOf(s)} · {s.source}
              {s.origin && s.origin !== 'book' ? ` · ${originWords[s.origin]}` : ''}
              {who(s)}
            </Typography>
            {errata
              .filter((e) => e.quantity === s.quantity)
              .map((e) => (
                <Typography key={e.id} variant="body2" sx={{ overflowWrap: 'anywhere' }}>
                  Manual corrections{e.page ? ` on page ${e.page}` : ''}: it says <s>{e.says}</s>, right is <b>{e.right}</b> ({e.source})
                </Typography>
              ))}
          </Box>
          <Button onClick={() => setDraft(limitDraftOf(s))} aria-label={`Change the limit of ${nameOf(s.quantity)}`}>
            Change
          </Button>
        </Box>
      ))}
      <LimitForm draft={draft} onDraft={setDraft} />
      {missing.length > 0 && (
        <Box sx={{ mt: 1.5 }}>
          <Typography variant="h3">To look up for this kind of engine</Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
            {shownMissing.map((q) => (
              <Button key={q} onClick={() => setDraft({ ...emptyLimit, quantity: q, unit: infoOf(knowledge, q, facts).unit })}>
                {nameOf(q)}
              </Button>
            ))}
            {missing.length > 4 && (
              <Button color="secondary" aria-expanded={allOpen} onClick={() => setAllOpen(!allOpen)}>
                {allOpen ? 'fewer' : `${missing.length - 4} more`}
              </Button>
            )}
          </Box>
        </Box>
      )}
      <SheetFiles />
    </Card>
  );
}
