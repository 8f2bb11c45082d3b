import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { cylindersOf, factsOf } from '../../../core/knowledge';
import { countWords } from '../../../core/state';
import { linesOf, readStrip, spokenBy, stripFileOf, stripJson, stripTable, type StripFile } from '../../../core/strip';
import { FileButton } from '../../controls/FileButton';
import { fromCsv, notHere, toCsv } from '../../job/csv';
import { saveFile } from '../../job/saveFile';
import { useJob, type UsedJob } from '../../job/useJob';
import { lastRepairId } from '../../../core/repairs';
import { positionsOf } from '../../../core/trace';

/** Everything of a file as one act: kept whole or not at all, undone with one press. */
function keepAll({ store, jobId, traced, knowledge }: UsedJob, file: StripFile): boolean {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  const ids = file.steps.map(() => store.newId());
  const stepId = (n: number | null) => (n === null ? null : ids[n - 1]);
  return store.together(
    () =>
      file.steps.every((s, i) => {
        const fasteners = file.fasteners
          .filter((f) => f.step === i + 1)
          .map(({ size, count, place }) => ({ id: store.newId(), size, count, place }));
        return store.act('step.add', ids[i], { jobId, ...s, access: null, fasteners }).ok;
      }) &&
      file.connections.every(({ step, ...c }) => store.act('connection.add', store.newId(), { jobId, stepId: stepId(step), ...c }).ok) &&
      file.findings.every(
        ({ step, ...f }) =>
          store.act('finding.add', store.newId(), {
            jobId,
            stepId: stepId(step),
            ...f,
            // Part and words say which fault it is evidence on, as at the bench line.
            ...spokenBy(knowledge, f, facts, positions),
            past: null,
            reading: null,
            conditions: {},
            afterRepairId: lastRepairId(traced.repairs),
          }).ok,
      ) &&
      file.fluids.every(({ step, ...f }) => store.act('fluid.log', store.newId(), { jobId, stepId: stepId(step), ...f }).ok),
  );
}

/** The strip as a file for other programs, and from one. */
export function StripFiles() {
  const used = useJob();
  const { rows, knowledge, traced } = used;
  const [said, setSaid] = useState<readonly string[]>([]);
  const file = () =>
    stripFileOf({
      steps: rows('step'),
      fasteners: rows('fastener'),
      connections: rows('connection'),
      findings: rows('finding'),
      fluids: rows('fluid'),
    });
  const csv = () =>
    toCsv(stripTable(file())).then(
      (text) => saveFile('strip.csv', 'text/csv', text),
      () => setSaid([notHere]),
    );
  const bringIn = async (f: File) => {
    const text = await f.text();
    const json = text.trimStart().startsWith('{');
    let lines: Record<string, unknown>[] | null = null;
    if (json) {
      try {
        const parsed = JSON.parse(text) as { format?: unknown; lines?: unknown };
        lines = parsed.format === 'ivrek-strip' && Array.isArray(parsed.lines) ? (parsed.lines as Record<string, unknown>[]) : null;
      } catch {
        lines = null;
      }
      if (!lines) return setSaid([`${f.name} is not a strip.`]);
    } else {
      const table = await fromCsv(text).catch(() => null);
      if (!table) return setSaid([notHere]);
      lines = linesOf(table);
    }
    const read = readStrip(
      lines.map((l) => l ?? {}),
      new Set(knowledge.fluids.map((x) => x.id)),
    );
    if (!read.ok) return setSaid([`Nothing was imported from ${f.name}.`, ...read.problems.slice(0, 8)]);
    if (keepAll(used, read.file)) setSaid([`${countWords(read.file.steps.length, 'step')} imported from ${f.name}.`]);
  };
  return (
    <Box sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button onClick={() => void csv()}>Export strip as CSV</Button>
        <Button onClick={() => saveFile('strip.json', 'application/json', JSON.stringify(stripJson(traced.bike.name, file()), null, 2))}>
          Export JSON
        </Button>
        <FileButton label="Import a strip from a file" accept=".csv,.json,text/csv,application/json" onFile={bringIn}>
          Import
        </FileButton>
      </Box>
      <Box role="status">
        {said.map((s) => (
          <Typography key={s}>{s}</Typography>
        ))}
      </Box>
    </Box>
  );
}
