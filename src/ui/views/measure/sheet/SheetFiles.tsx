import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { quantityInfo } from '../../../../core/measure';
import { factsOf } from '../../../../core/knowledge';
import { readSpecJson, readSpecRows, specFile, specRows, type SpecEntry } from '../../../../core/specification';
import type { Spec } from '../../../../core/state';
import { fromCsv, notHere, toCsv } from '../../../job/csv';
import { saveFile } from '../../../job/saveFile';
import { useJob } from '../../../job/useJob';
import { FileButton } from '../../../controls/FileButton';
import { saveSpec } from './saveSpec';
import type { BikeSpecification } from '../../../../wire';
import { call } from '../../../device/client';

const entryOf = ({ quantity, low, high, serviceLow, serviceHigh, unit, entered, source, origin }: Spec): SpecEntry => ({
  quantity,
  low,
  high,
  serviceLow: serviceLow ?? null,
  serviceHigh: serviceHigh ?? null,
  unit,
  entered,
  source,
  origin: origin ?? 'book',
});

/** The sheet as a file, from a file, and from another bike of the shop. */
export function SheetFiles() {
  const used = useJob();
  const { knowledge, traced } = used;
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const [said, setSaid] = useState<readonly string[]>([]);
  const [others, setOthers] = useState<readonly BikeSpecification[] | null>(null);
  const none = traced.specs.length === 0;
  const entries = traced.specs.map(entryOf);
  const keepAll = (all: readonly SpecEntry[], from: string) => {
    if (all.every((e) => saveSpec(used, e))) setSaid([`${all.length} ${all.length === 1 ? 'limit' : 'limits'} imported from ${from}.`]);
  };
  const bringIn = async (f: File) => {
    const text = await f.text();
    const known = (q: string) => quantityInfo(knowledge, q, facts);
    const json = text.trimStart().startsWith('{');
    const rows = json ? null : await fromCsv(text).catch(() => null);
    if (!json && !rows) return setSaid([notHere]);
    const read = rows ? readSpecRows(rows, known) : readSpecJson(text, known);
    if (read.ok) keepAll(read.entries, f.name);
    else setSaid([`Nothing was imported from ${f.name}.`, ...read.problems.slice(0, 8)]);
  };
  const csvOut = () =>
    toCsv(specRows(entries)).then(
      (text) => saveFile('limits.csv', 'text/csv', text),
      () => setSaid([notHere]),
    );
  const look = async () => {
    const answer = await call('GET /api/specifications');
    if (answer.ok) setOthers(answer.body.filter((o) => o.bikeId !== traced.bike.id));
    else setSaid(['The server does not answer: other bikes can be copied from when it is there again.']);
  };
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={none} onClick={() => void csvOut()}>
          Export limits as CSV
        </Button>
        <Button
          disabled={none}
          onClick={() => saveFile('limits.json', 'application/json', JSON.stringify(specFile(traced.bike.name, entries), null, 2))}
        >
          Export JSON
        </Button>
        <FileButton label="Import limits from a file" accept=".csv,.json,text/csv,application/json" onFile={bringIn}>
          Import
        </FileButton>
        <Button onClick={() => void look()}>Copy from another bike</Button>
      </Box>
      {others?.length === 0 && <Typography>No other bike has any limits yet.</Typography>}
      {others?.map((o) => (
        <Button
          key={o.bikeId}
          variant="outlined"
          sx={{ mt: 0.5, mr: 0.5 }}
          onClick={() => (setOthers(null), keepAll(o.specs.map(entryOf), o.bike))}
        >
          {o.bike}: {o.specs.length} {o.specs.length === 1 ? 'limit' : 'limits'}
        </Button>
      ))}
      <Box role="status">
        {said.map((s) => (
          <Typography key={s}>{s}</Typography>
        ))}
      </Box>
    </Box>
  );
}
