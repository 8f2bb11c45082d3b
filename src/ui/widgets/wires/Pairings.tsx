import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { factsOf } from '../../../core/knowledge';
import { countWords, type Connection, type WireResult } from '../../../core/state';
import { alike, meanwhile, mostPairings, pairingsOf, pairingTest, toldByPairing, type Pairing } from '../../../core/strip';
import { enterResult } from '../../job/evidence';
import { useJob } from '../../job/useJob';
import { Hazards } from '../Hazards';

const results: { id: WireResult; does: string }[] = [
  { id: 'cures', does: 'Works' },
  { id: 'no change', does: 'No change' },
  { id: 'worse', does: 'Worse' },
];

/** Pairings of wires that can no longer be told apart: the safest that was not tried, what was tried, and what is disconnected meanwhile. */
export function Pairings() {
  const used = useJob();
  const { store, rows, jobId, knowledge, traced } = used;
  const [open, setOpen] = useState(false);
  const wires = rows('connection');
  const tries = rows('wireTry');
  const groups = alike(wires);
  const struck = (
    <>
      {tries.map((t) => (
        <Typography key={t.id} component="li" variant="body2" color="text.secondary">
          <s>{t.says}</s>: {t.result}
        </Typography>
      ))}
    </>
  );
  if (groups.size === 0) {
    return tries.length === 0 ? null : (
      <Box component="ul" aria-label="Pairings tried" sx={{ m: 0, pl: 2.5 }}>
        {struck}
      </Box>
    );
  }
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const { list, count, left } = pairingsOf(knowledge, wires, tries, facts);
  const next = list.find((p) => !p.tried);
  const words = (p: Pairing) => p.joins.map((j) => `${wires.find((w) => w.id === j.id)?.fromEnd ?? '?'} on ${j.to}`).join('; ');
  const tell = (p: Pairing, result: WireResult) => {
    const outcome = toldByPairing(knowledge, wires, { result, left: left - 1 }, facts);
    store.together(
      () =>
        store.act('wire.try', store.newId(), { jobId, pairing: p.code, says: words(p).slice(0, 500), result }).ok &&
        (!outcome || enterResult(used, { testId: pairingTest, position: null, outcome, conditions: {} }, null)),
    );
  };
  return (
    <Box
      component="section"
      aria-label="Pairings"
      data-testid="pairings"
      sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'grid', gap: 1 }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Typography sx={{ flex: '1 1 12rem' }}>
          {count > mostPairings
            ? `${count} pairings: too many to try. Trace wires with a meter and mark them first.`
            : `Marks lost? ${countWords(count, 'pairing')} within each colour, ${left} not tried.`}
        </Typography>
        {count <= mostPairings && (
          <Button variant="outlined" aria-expanded={open} onClick={() => setOpen(!open)}>
            Try pairings
          </Button>
        )}
      </Box>
      {open && count <= mostPairings && (
        <>
          <Hazards ids={knowledge.tests.find((t) => t.id === 'pair-wires')?.hazards} place="strip" />
          <Box component="ul" aria-label="Meanwhile" sx={{ m: 0, pl: 2.5 }}>
            {meanwhile(knowledge, wires, facts).map((m) => (
              <Typography component="li" key={m}>
                {m}
              </Typography>
            ))}
          </Box>
          {next ? (
            <TryNext pairing={next} wires={wires} onTell={(result) => tell(next, result)} />
          ) : (
            <Typography role="status">All pairings tried: the fault is elsewhere.</Typography>
          )}
          <Box component="ul" aria-label="Pairings tried" sx={{ m: 0, pl: 2.5 }}>
            {struck}
          </Box>
        </>
      )}
    </Box>
  );
}

interface TryNextProps {
  pairing: Pairing;
  wires: readonly Connection[];
  onTell(result: WireResult): void;
}

/** The safest pairing that was not tried, and what came of it. */
function TryNext({ pairing, wires, onTell }: TryNextProps) {
  return (
    <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, py: 1, display: 'grid', gap: 1 }}>
      <Typography sx={{ fontWeight: 600 }}>Try next, the safest left</Typography>
      <Box component="ul" aria-label="Try next" sx={{ m: 0, pl: 2.5 }}>
        {pairing.joins.map((j) => (
          <Typography component="li" key={j.id}>
            {wires.find((w) => w.id === j.id)?.fromEnd} on {j.to}
          </Typography>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {results.map((r) => (
          <Button key={r.id} variant={r.id === 'cures' ? 'contained' : 'outlined'} onClick={() => onTell(r.id)}>
            {r.does}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
