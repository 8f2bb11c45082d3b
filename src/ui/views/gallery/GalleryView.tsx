import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Limit } from '../../../core/measure';
import type { ReadingValue } from '../../../core/state';
import { toSi } from '../../../core/quantity';
import { stages, type StageLine } from '../../../core/stage';
import { LimitBar } from '../../widgets/LimitBar';
import { Page } from '../../frame/Page';
import { Spine } from '../../widgets/Spine';

const psi = (v: number) => toSi(v, 'psi');
const book: Limit = { low: psi(142), high: psi(185), source: 'manual of this bike, page 61', general: false };
const error = { relative: 0.02, absolute: 0 };
const exact = (v: number): ReadingValue => ({ kind: 'exact', value: psi(v) });

/** Every state a limit bar can be in. */
export const barStates: { label: string; value: ReadingValue; limit: Limit | null }[] = [
  { label: 'Low', value: exact(118), limit: book },
  { label: 'In', value: exact(165), limit: book },
  { label: 'High', value: exact(212), limit: book },
  { label: 'Borderline', value: exact(144), limit: book },
  { label: 'One-sided, at least', value: exact(160), limit: { ...book, high: null } },
  { label: 'One-sided, at most', value: exact(160), limit: { ...book, low: null } },
  { label: 'No limit', value: exact(165), limit: null },
  { label: 'General value', value: exact(165), limit: { ...book, source: 'general value', general: true } },
  { label: 'Off the scale', value: exact(420), limit: book },
  { label: 'Over the gauge', value: { kind: 'atLeast', bound: psi(300) }, limit: book },
  { label: 'At the end of the gauge', value: { kind: 'atLeast', bound: psi(150) }, limit: book },
  { label: 'Interval inside', value: { kind: 'interval', low: psi(150), high: psi(170) }, limit: book },
  { label: 'Interval across', value: { kind: 'interval', low: psi(130), high: psi(155) }, limit: book },
  { label: 'Standard and service limit, between', value: exact(128), limit: { ...book, serviceLow: psi(115), serviceHigh: psi(210) } },
  { label: 'Past the service limit', value: exact(104), limit: { ...book, serviceLow: psi(115), serviceHigh: psi(210) } },
  { label: 'Superseded', value: exact(165), limit: { ...book, superseded: true } },
  { label: 'Not obtained', value: { kind: 'none', reason: 'no adapter for this thread' }, limit: book },
];

const line = (i: number, state: StageLine['state'], open = '', waits: string[] = []): StageLine => ({ ...stages[i], state, open, waits });
const spine: StageLine[] = [
  line(0, 'clear'),
  line(1, 'clear'),
  line(2, 'open', '3 likely'),
  line(3, 'open', '2 bags out'),
  line(4, 'open', '1 borderline'),
  line(5, 'untouched'),
  line(6, 'open', '2 awaited', ['Gasket set']),
  line(7, 'untouched'),
  line(8, 'untouched'),
  line(9, 'untouched'),
  line(10, 'untouched'),
];
const empty: StageLine[] = stages.map((_s, i) => line(i, 'untouched'));
const done: StageLine[] = stages.map((_s, i) => line(i, 'clear'));

/** The limit bar and the spine in every state; the lamp above shows them by night, the last part without colour. */
export default function GalleryView() {
  return (
    <Page title="Gallery" under="Every state of the limit bar and the spine">
      <Bars />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4, mt: 3 }}>
        {[spine, empty, done].map((lines, i) => (
          <Spine
            key={i}
            lines={lines}
            current={i === 0 ? 'trace' : null}
            href={() => '#'}
            label={['At work', 'Not begun', 'All clear'][i]}
          />
        ))}
      </Box>
      <Box sx={{ filter: 'grayscale(1)', mt: 4 }} data-testid="greyscale">
        <Typography variant="h2">Without colour</Typography>
        <Bars />
      </Box>
    </Page>
  );
}

function Bars() {
  return (
    <Box sx={{ display: 'grid', gap: 2.5, columnGap: 4, gridTemplateColumns: 'repeat(auto-fill, minmax(min(260px, 100%), 1fr))' }}>
      {barStates.map((s) => (
        <LimitBar key={s.label} label={s.label} value={s.value} unit="psi" limit={s.limit} error={error} />
      ))}
    </Box>
  );
}
