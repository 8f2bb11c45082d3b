import { faultById } from '../../../core/knowledge';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useState } from 'react';
import { chanceWords, placeOf, type Ranking, type SuspectView } from '../../../core/trace';
import type { SuspectReasons } from '../../job/thinker';
import { useJob } from '../../job/useJob';
import { Card } from '../../controls/Card';
import { Counts } from './Counts';
import { PlaceSketch } from './PlaceSketch';
import { Questions } from './Questions';
import { Theory } from './Theory';

/** Below this a theory that somebody holds is called as good as refuted. */
const refuted = 0.02;

export interface SuspectsProps {
  ranking: Ranking;
  reasons: Record<string, SuspectReasons>;
  busy: boolean;
  onExplain(key: string): void;
  onRepair(suspect: SuspectView | null): void;
  onChoose(testKey: string): void;
}

/** Who is suspected, how likely each is now, and why; the likeliest first. */
export function Suspects({ ranking, reasons, busy, onExplain, onRepair, onChoose }: SuspectsProps) {
  const [open, setOpen] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const { store, traced } = useJob();
  const pinned = traced.job.pinned ?? [];
  const pin = (key: string) =>
    store.set('job.set', traced.job.id, {
      pinned: pinned.includes(key) ? pinned.filter((k) => k !== key) : [...pinned, key].slice(-20),
    });
  const name = (key: string) => ranking.suspects.find((s) => s.key === key)?.name ?? key;
  const shown = ranking.suspects.filter(
    (s, i) => all || pinned.includes(s.key) || (s.bears && i < 6 && (i < 3 || s.probability >= 0.0075)),
  );
  // Asked when one is opened, and again where something new was found meanwhile: its reasons were cleared then.
  const ask = useEffectEvent((key: string) => onExplain(key));
  useEffect(() => {
    if (open !== null && !reasons[open]) ask(open);
  }, [open, reasons]);
  const toggle = (key: string) => setOpen(open === key ? null : key);
  return (
    <Card
      title="Suspects"
      over={ranking.tooClose ? 'Too close to call between the first two' : undefined}
      aside={
        busy ? (
          <Typography variant="body2" color="text.secondary" role="status">
            working…
          </Typography>
        ) : undefined
      }
      data-testid="suspects"
    >
      <Questions ranking={ranking} />
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shown.map((s) => (
          <Box
            component="li"
            key={s.key}
            sx={{ borderTop: 1, borderColor: 'divider' }}
            data-suspect={s.key}
            data-probability={s.probability}
          >
            <SuspectHead s={s} open={open === s.key} pinned={pinned.includes(s.key)} onToggle={() => toggle(s.key)} />
            {open === s.key && (
              <Why
                s={s}
                explanation={reasons[s.key]}
                pinned={pinned.includes(s.key)}
                onPin={() => pin(s.key)}
                onRepair={() => onRepair(s)}
                onChoose={onChoose}
              />
            )}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button variant="text" onClick={() => setAll(!all)} sx={{ px: 0.5 }}>
          {all ? 'Show fewer' : 'Show all'}
        </Button>
        <Button variant="text" onClick={() => onRepair(null)} sx={{ px: 0.5 }}>
          A cause not in the list
        </Button>
      </Box>
      {ranking.enough && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
          {name(ranking.enough.key)} alone cures it: {chanceWords(ranking.enough.chance)}.
          {ranking.pair &&
            ` With ${name(ranking.pair.keys.find((k) => k !== ranking.enough!.key) ?? ranking.pair.keys[1]).toLowerCase()}: ${chanceWords(ranking.pair.chance)}.`}
        </Typography>
      )}
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Odds: trade judgement plus your results.{ranking.rough && ' Many findings at once: the odds are rough.'}
        {ranking.partial && !ranking.rough && ' Many findings at once: the advice rests on those that matter most.'}
      </Typography>
      <Counts />
    </Card>
  );
}

interface SuspectHeadProps {
  s: SuspectView;
  open: boolean;
  pinned: boolean;
  onToggle(): void;
}

/** One suspect with its odds; pressed, it says why. */
function SuspectHead({ s, open, pinned, onToggle }: SuspectHeadProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-expanded={open}
      onClick={onToggle}
      sx={{
        display: 'block',
        width: '100%',
        minHeight: 52,
        textAlign: 'left',
        font: 'inherit',
        color: 'inherit',
        bgcolor: 'transparent',
        border: 0,
        p: 0,
        py: 0.5,
        cursor: 'pointer',
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box sx={{ flex: 1, minWidth: 0, fontWeight: 600, fontSize: '1.0625rem', lineHeight: 1.2 }}>
          {s.name}
          {pinned && (
            <Box component="span" sx={{ fontWeight: 400, fontSize: '1rem' }}>
              {s.probability < refuted ? ' · your theory, as good as refuted' : ' · your theory'}
            </Box>
          )}
        </Box>
        <Box sx={{ fontSize: '1rem', whiteSpace: 'nowrap' }}>{s.words}</Box>
      </Box>
      <Gauge p={s.probability} />
    </Box>
  );
}

/** Likelihood as a filled groove with tenths marked. */
function Gauge({ p }: { p: number }) {
  return (
    <Box
      aria-hidden
      sx={{
        position: 'relative',
        height: 10,
        mt: 0.5,
        bgcolor: 'bench.sunk',
        backgroundImage: 'repeating-linear-gradient(90deg, transparent 0 calc(10% - 1px), var(--mui-palette-divider) calc(10% - 1px) 10%)',
      }}
    >
      <Box sx={{ position: 'absolute', inset: 0, right: 'auto', width: `${Math.max(0.5, p * 100)}%`, bgcolor: 'bench.brass' }} />
    </Box>
  );
}

interface WhyProps {
  s: SuspectView;
  explanation?: SuspectReasons;
  pinned: boolean;
  onPin(): void;
  onRepair(): void;
  onChoose(testKey: string): void;
}

function Why({ s, explanation, pinned, onPin, onRepair, onChoose }: WhyProps) {
  const { store, knowledge } = useJob();
  const fault = faultById(knowledge, s.faultId);
  if (!fault) return null;
  return (
    <Box sx={{ pb: 1.5, pl: 1.5, borderLeft: '3px solid', borderColor: 'bench.brass' }}>
      {!explanation && <Typography color="text.secondary">Working out the reasons…</Typography>}
      {explanation && (
        <>
          <Typography variant="body2">
            At the start: {explanation.start}. Now: {explanation.now}.
          </Typography>
          <Box component="ul" sx={{ my: 0.5, pl: 2.5, fontSize: '1rem' }}>
            {explanation.reasons
              .filter((r) => Math.abs(Math.log(r.ratio)) > 0.05)
              .slice(0, 6)
              .map((r, i) => (
                <li key={i}>
                  {r.what}: {r.says}
                </li>
              ))}
          </Box>
        </>
      )}
      {explanation?.theory && <Theory view={explanation.theory} onChoose={onChoose} />}
      <PlaceSketch place={placeOf(fault)} />
      {explanation?.theory && explanation.theory.reach.length > 0 && (
        <Typography variant="body2">
          <b>Access:</b> {explanation.theory.reach.map((a) => `${a.name.toLowerCase()} (${a.minutes} min)`).join(', ')}.
        </Typography>
      )}
      <Typography variant="body2">
        <b>Repair:</b> {fault.remedy.do} {fault.remedy.sideEffects && <b>Note:</b>} {fault.remedy.sideEffects} <b>Usual cause:</b>{' '}
        {fault.origin}
      </Typography>
      {fault.remedy.others?.map((o) => (
        <Typography key={o.do} variant="body2">
          <b>Alternative:</b> {o.do} ({o.minutes} min,{' '}
          {o.parts > 0 ? `about ${o.parts} ${store.snapshot.shop.currency} of parts` : 'no parts'})
        </Typography>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button variant="outlined" onClick={onRepair}>
          Confirmed: log repair
        </Button>
        <Button onClick={onPin} aria-pressed={pinned}>
          {pinned ? 'Unpin theory' : 'Pin theory'}
        </Button>
      </Box>
    </Box>
  );
}
