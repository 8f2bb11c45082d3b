import Alert from '@mui/material/Alert';
import { countWords } from '../../../core/state';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { fieldName, valueWords } from '../../widgets/fieldNames';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';
import type { ImportChoice, ImportConflict, ImportReport } from '../../../wire';
import { callFollowed } from '../../device/client';

/** Brings in a job that was exported here or elsewhere. What it would change is shown first. */
export default function ImportView() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<ImportReport | null>(null);
  const [choices, setChoices] = useState<Record<string, ImportChoice>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [stop, setStop] = useState<AbortController | null>(null);
  const [part, setPart] = useState<number | null>(null);

  const send = async (chosen: File, check: boolean) => {
    const going = new AbortController();
    setStop(going);
    setProblem(null);
    const answer = await callFollowed(
      'POST /api/import',
      {
        query: check ? { check } : {},
        body: chosen,
        headers: { 'x-ivrek-choices': encodeURIComponent(JSON.stringify(choices)) },
        signal: going.signal,
      },
      setPart,
    );
    setStop(null);
    setPart(null);
    if (answer.ok) setReport(answer.body);
    else if (going.signal.aborted) setProblem('Stopped. Nothing was changed.');
    else setProblem(answer.status ? answer.message : `${answer.message} Nothing was changed.`);
  };
  const choose = (list: FileList | null) => {
    const chosen = list?.[0] ?? null;
    if (input.current) input.current.value = '';
    if (!chosen) return;
    setFile(chosen);
    setReport(null);
    setChoices({});
    void send(chosen, true);
  };
  return (
    <Page
      title="Import a job"
      bar={
        <Button href="/" color="inherit">
          Next
        </Button>
      }
    >
      <Box sx={{ display: 'grid', gap: 2, maxWidth: 860 }}>
        {problem && (
          <Alert severity="warning" role="alert">
            {file?.name}: {problem}
          </Alert>
        )}
        <Card lead title="A job from a file">
          <Typography sx={{ mb: 1 }}>
            A ZIP or JSON that Ivrek exported, here or in another workshop. It keeps its log, its photos and its ids; what is here already
            is left alone.
          </Typography>
          <input
            ref={input}
            type="file"
            accept=".zip,.json,application/zip,application/json"
            hidden
            aria-label="File of a job"
            onChange={(e) => choose(e.target.files)}
          />
          <Button variant={report ? 'outlined' : 'contained'} onClick={() => input.current?.click()} disabled={stop !== null}>
            Choose the file
          </Button>
          {stop && <Progress part={part} onStop={() => stop.abort()} />}
        </Card>
        {report && (
          <ReportCard
            report={report}
            choices={choices}
            busy={stop !== null}
            onChoose={(key, v) => setChoices({ ...choices, [key]: v })}
            onBring={() => file && void send(file, false)}
          />
        )}
      </Box>
    </Page>
  );
}

interface ReportCardProps {
  report: ImportReport;
  choices: Readonly<Record<string, ImportChoice>>;
  busy: boolean;
  onChoose(key: string, choice: ImportChoice): void;
  onBring(): void;
}

/** What the file would bring, with a choice for each thing that both sides changed; or what it brought. */
function ReportCard({ report, choices, busy, onChoose, onBring }: ReportCardProps) {
  const open = report.conflicts.filter((c) => !choices[c.key]);
  return (
    <Card title={report.bike} data-testid="import-report">
      {report.done ? (
        <>
          <Typography sx={{ mb: 1 }}>
            Imported: {countWords(report.fresh, 'new entry', 'new entries')}, {report.known} known before
            {report.photos > 0 && `, ${countWords(report.photos - report.missingPhotos, 'photo')}`}.
          </Typography>
          <Button variant="contained" href={`/job/${report.jobId}/book-in`}>
            Open it
          </Button>
        </>
      ) : (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <Typography>
            {report.fresh === 0 && report.conflicts.length === 0
              ? 'Everything in this file is here already.'
              : `It would add ${countWords(report.fresh, 'new entry', 'new entries')}; ${report.known} are here already.`}{' '}
            {report.missingPhotos > 0 &&
              `${countWords(report.missingPhotos, 'photo')} of it ${report.missingPhotos === 1 ? 'is' : 'are'} not in the file.`}
          </Typography>
          {report.conflicts.map((c) => (
            <ConflictChoice key={c.key} conflict={c} choice={choices[c.key] ?? null} onChoose={(v) => onChoose(c.key, v)} />
          ))}
          {(report.fresh > 0 || report.conflicts.length > 0) && (
            <Box>
              <Button variant="contained" disabled={open.length > 0 || busy} onClick={onBring}>
                Import
              </Button>
              {open.length > 0 && (
                <Typography variant="body2" color="text.secondary">
                  {countWords(open.length, 'choice')} to make first. Both values stay in the log.
                </Typography>
              )}
            </Box>
          )}
        </Box>
      )}
    </Card>
  );
}

/** How far the file has come, and a way to break off. */
function Progress({ part, onStop }: { part: number | null; onStop(): void }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 1 }} role="status">
      <LinearProgress
        variant={part === null ? 'indeterminate' : 'determinate'}
        value={(part ?? 0) * 100}
        sx={{ flex: 1 }}
        aria-label="Reading the file"
      />
      <Button onClick={onStop}>Stop</Button>
    </Box>
  );
}

/** One thing that the file and this workshop say differently: one of the two is chosen. */
function ConflictChoice(props: { conflict: ImportConflict; choice: ImportChoice | null; onChoose(choice: ImportChoice): void }) {
  const { conflict: c, choice, onChoose } = props;
  return (
    <Box data-testid="import-conflict" sx={{ borderTop: '3px solid', borderColor: 'bench.brass', pt: 1 }}>
      <Typography sx={{ fontWeight: 600 }}>{c.field ? `${fieldName(c.field)} (${c.table})` : `${c.table}: ${c.message ?? ''}`}</Typography>
      <ToggleButtonGroup
        exclusive
        value={choice}
        onChange={(_e, v: ImportChoice | null) => v && onChoose(v)}
        aria-label={c.field ? fieldName(c.field) : c.table}
        sx={{ flexWrap: 'wrap' }}
      >
        <ToggleButton value="here" sx={{ minHeight: 48, textTransform: 'none', fontSize: '1rem' }}>
          {c.field ? `Here: “${valueWords(c.here)}”` : 'Skip it'}
        </ToggleButton>
        {c.field && (
          <ToggleButton value="file" sx={{ minHeight: 48, textTransform: 'none', fontSize: '1rem' }}>
            {`In the file: “${valueWords(c.file)}”`}
          </ToggleButton>
        )}
      </ToggleButtonGroup>
    </Box>
  );
}
