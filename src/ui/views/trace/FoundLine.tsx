import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { rowWords } from '../../../core/trace';
import { useJob } from '../../job/useJob';

/** So many letters fit into the two lines that are left beside the question on a bench screen. */
const room = 150;

/** The same result at several cylinders is said once. */
function together(lines: readonly string[]): string[] {
  const said = new Map<string, string[]>();
  for (const words of lines) {
    const [, test, cylinder, result] = /^(.*), cylinder (\d+): (.*)$/.exec(words) ?? [];
    const key = test ? `${test}\n${result}` : words;
    said.set(key, [...(said.get(key) ?? []), ...(cylinder ? [cylinder] : [])]);
  }
  return [...said].map(([key, cylinders]) => {
    const [test, result] = key.split('\n');
    return cylinders.length ? `${test}, ${cylinders.length > 1 ? 'cylinders' : 'cylinder'} ${cylinders.sort().join(', ')}: ${result}` : key;
  });
}

/** What was found, newest first, in a few lines beside the question; all of it with its circumstances stands in the ledger. */
export function FoundLine() {
  const { knowledge, traced } = useJob();
  const lines = [
    ...traced.evidence.filter((e) => !e.withdrawn).map((e) => ({ at: e.takenAt, words: rowWords(knowledge, traced, e.id) })),
    ...traced.repairs.map((r) => ({ at: r.madeAt, words: `Repair: ${r.words}` })),
  ].sort((a, b) => (a.at < b.at ? 1 : -1));
  if (lines.length === 0) return null;
  const all = together(lines.map((l) => l.words));
  let length = 0;
  const shown = all.filter((words, i) => (length += words.length + 3) <= room || i === 0);
  return (
    <Box
      data-testid="found-line"
      sx={{ borderLeft: '3px solid', borderColor: 'bench.brass', pl: 1.5, minWidth: 0, display: { xs: 'none', lg: 'block' } }}
    >
      <Typography variant="body2">
        <b>Found:</b> {shown.join(' · ')}
        {all.length > shown.length ? ` · and ${all.length - shown.length} more below` : ''}
      </Typography>
    </Box>
  );
}
