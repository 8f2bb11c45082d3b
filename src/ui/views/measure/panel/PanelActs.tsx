import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Print from '@mui/icons-material/PrintOutlined';
import {
  panelFile,
  panelRows,
  readPanelJson,
  readPanelRows,
  type Panel,
  type PanelDraft,
  type Result,
} from '../../../../core/measure/panel';
import { FileButton } from '../../../controls/FileButton';
import { fromCsv, notHere, toCsv } from '../../../job/csv';
import { saveFile } from '../../../job/saveFile';
import { useJob } from '../../../job/useJob';

/** What a panel says below its verdict. */
export interface PanelSaid {
  words: string;
  bad?: boolean;
  /** What was kept with one press, and can be taken back with one. */
  kept?: { act: string; draft: PanelDraft };
}

interface PanelActsProps {
  panel: Panel;
  draft: PanelDraft;
  empty: boolean;
  said: PanelSaid | null;
  result: Result;
  onSay(said: PanelSaid): void;
  onKeep(): void;
  onClear(): void;
  onBack(): void;
  onChange(draft: PanelDraft): void;
}

/** What can be done with a panel: keep, clear, print, out and in as a file; and what came of it. */
export function PanelActs({ panel, draft, empty, said, result, onSay, onKeep, onClear, onBack, onChange }: PanelActsProps) {
  const { traced } = useJob();
  const file = () => panelFile(panel.id, draft, result.words, { bike: traced.bike.name, writtenAt: new Date().toISOString() });
  const csvOut = () =>
    toCsv(panelRows(file())).then(
      (text) => saveFile(`${panel.id}.csv`, 'text/csv', text),
      () => onSay({ words: notHere, bad: true }),
    );
  const bringIn = async (f: File) => {
    const text = await f.text();
    const json = text.trimStart().startsWith('{');
    const rows = json ? null : await fromCsv(text).catch(() => null);
    if (!json && !rows) return onSay({ words: notHere, bad: true });
    const got = rows ? readPanelRows(rows, panel.id) : readPanelJson(text, panel.id);
    if (!got.ok) return onSay({ words: got.message, bad: true });
    onChange(got.draft);
    onSay({ words: `${got.count} fields imported from ${f.name}.` });
  };
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5, '@media print': { display: 'none' } }}>
        <Button variant="contained" data-keep-panel onClick={onKeep}>
          Save
        </Button>
        <Button disabled={empty} onClick={onClear}>
          Clear
        </Button>
        <Button startIcon={<Print />} onClick={() => window.print()}>
          Print
        </Button>
        <Button disabled={empty} onClick={() => void csvOut()}>
          Export CSV
        </Button>
        <Button disabled={empty} onClick={() => saveFile(`${panel.id}.json`, 'application/json', JSON.stringify(file(), null, 2))}>
          Export JSON
        </Button>
        <FileButton label="Import a panel from a file" accept=".csv,.json,text/csv,application/json" onFile={bringIn}>
          Import
        </FileButton>
      </Box>
      <Typography role={said?.bad ? 'alert' : 'status'} sx={{ mt: 1, minHeight: 24, color: said?.bad ? 'error.main' : 'text.primary' }}>
        {said?.words}
        {said?.kept && (
          <Button onClick={onBack} sx={{ ml: 1 }}>
            Undo
          </Button>
        )}
      </Typography>
    </>
  );
}
