import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { cylindersOf } from '../../../core/knowledge';
import { placeWords } from '../../../core/state';
import { resultWords, type ResultWords } from '../../../core/trace';
import { useJob } from '../../job/useJob';

/** So many letters fit into the two lines that are left beside the question on a bench screen. */
const room = 150;

/** The same result at several cylinders is said once. */
function together(lines: readonly (ResultWords | string)[], cylinders: number | null): string[] {
  const said = new Map<string, { line: ResultWords | string; at: string[] }>();
  for (const line of lines) {
    const key = typeof line === 'string' ? line : `${line.test}\n${line.said}`;
    const known = said.get(key) ?? { line, at: [] };
    if (typeof line !== 'string' && line.position) known.at.push(line.position);
    said.set(key, known);
  }
  return [...said.values()].map(({ line, at }) => {
    if (typeof line === 'string') return line;
    const where = at.length > 1 ? `cylinders ${at.sort().join(', ')}` : placeWords(at[0] ?? null, cylinders);
    return `${line.test}${where && `, ${where}`}: ${line.said}`;
  });
}

/** Results, newest first, in a few lines beside the question; all of it with its circumstances stands in the ledger. */
export function FoundLine() {
  const { knowledge, traced } = useJob();
  const lines = [
    ...traced.evidence.filter((e) => !e.withdrawn).map((e) => ({ at: e.takenAt, words: resultWords(knowledge, traced, e.id) ?? '' })),
    ...traced.repairs.map((r) => ({ at: r.madeAt, words: `Repair: ${r.words}` })),
  ].sort((a, b) => (a.at < b.at ? 1 : -1));
  if (lines.length === 0) return null;
  const all = together(
    lines.map((l) => l.words),
    cylindersOf(traced.bike, knowledge),
  );
  let length = 0;
  const shown = all.filter((words, i) => (length += words.length + 3) <= room || i === 0);
  return (
    <Box
      data-testid="found-line"
      sx={{ borderLeft: '3px solid', borderColor: 'bench.brass', pl: 1.5, minWidth: 0, display: { xs: 'none', lg: 'block' } }}
    >
      <Typography variant="body2">
        <b>So far:</b> {shown.join(' · ')}
        {all.length > shown.length ? ` · and ${all.length - shown.length} more below` : ''}
      </Typography>
    </Box>
  );
}
