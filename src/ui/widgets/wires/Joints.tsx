import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { factsOf } from '../../../core/knowledge';
import { limitFor, quantityInfo } from '../../../core/measure';
import { parseQuantity } from '../../../core/quantity';
import { countWords } from '../../../core/state';
import { campaignOf, jointsToList, type JointLine } from '../../../core/strip';
import { AutosaveField } from '../../controls/AutosaveField';
import { useJob } from '../../job/useJob';

/** The campaign of earths and connectors: each joint with what it lost before and loses now, and which are left. */
export function Joints() {
  const { store, rows, jobId, knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const all = rows('connection');
  const info = quantityInfo(knowledge, 'joint-drop', facts);
  const limit = info && limitFor(info, rows('spec'));
  const lines = campaignOf(all, limit);
  const more = jointsToList(knowledge, all, facts);
  const left = lines.filter((l) => !l.done).length;
  const list = () =>
    store.together(() =>
      more.every(
        (j) =>
          store.act('connection.add', store.newId(), {
            jobId,
            stepId: null,
            kind: j.kind,
            fromEnd: j.name,
            toEnd: j.load,
            colour: null,
            mark: null,
            route: null,
          }).ok,
      ),
    );
  return (
    <Box
      component="section"
      aria-label="Earths and connectors"
      data-testid="joints"
      sx={{ borderTop: 1, borderColor: 'divider', mt: 1, pt: 1 }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Typography sx={{ flex: '1 1 12rem' }}>
          {lines.length === 0
            ? 'Earths and connectors: clean one after the other, read the voltage lost before and after.'
            : `${countWords(lines.length, 'joint')}, ${left} left. ${limit?.high == null ? '' : `Limit ${limit.high} V at one joint, ${limit.general ? 'general value' : limit.source}.`}`}
        </Typography>
        {more.length > 0 && (
          <Button variant="outlined" onClick={list}>
            List its joints
          </Button>
        )}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {lines.map((l) => (
          <JointRow key={l.joint.id} line={l} />
        ))}
      </Box>
    </Box>
  );
}

function JointRow({ line: { joint, now, done } }: { line: JointLine }) {
  const { store } = useJob();
  const set = (field: 'dropBefore' | 'dropAfter') => (text: string) => {
    if (!text) {
      store.set('connection.set', joint.id, { [field]: null });
      return null;
    }
    const read = parseQuantity(text, 'V', { low: -15, high: 15 });
    if (!read.ok) return read.message;
    store.set('connection.set', joint.id, { [field]: read.si });
    return null;
  };
  const bad = now !== null && now.verdict !== 'in';
  const field = (which: 'dropBefore' | 'dropAfter', label: string) => (
    <AutosaveField
      sx={{ width: '7.5rem' }}
      label={label}
      unit="V"
      value={joint[which] === null ? '' : String(joint[which])}
      onSet={set(which)}
      inputProps={{ inputMode: 'decimal', 'aria-label': `${label}: ${joint.fromEnd}` }}
    />
  );
  return (
    <Box
      component="li"
      data-testid="joint"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end', py: 0.75, borderTop: 1, borderColor: 'divider' }}
    >
      <Box sx={{ flex: '1 1 12rem', minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{joint.fromEnd}</Typography>
        <Typography variant="body2" color="text.secondary">
          Load: {joint.toEnd}
        </Typography>
        {now && (
          <Typography variant="body2" sx={{ fontWeight: 600, color: done ? 'bench.green' : bad ? 'bench.red' : 'text.primary' }}>
            {now.words}
          </Typography>
        )}
      </Box>
      {field('dropBefore', 'Before')}
      {field('dropAfter', 'After')}
    </Box>
  );
}
