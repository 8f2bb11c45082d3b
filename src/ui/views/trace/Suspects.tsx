import { faultById } from '../../../core/knowledge';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { chanceWords, type Ranking, type SuspectView } from '../../../core/trace';
import type { Explanation } from '../../job/useRanking';
import { knowledge } from '../../job/useJob';
import { Tag } from '../../parts/Tag';
import { Questions } from './Questions';
import { Theory } from './Theory';

export interface SuspectsProps {
  ranking: Ranking;
  reasons: Record<string, Explanation>;
  busy: boolean;
  onExplain(key: string): void;
  onRepair(suspect: SuspectView | null): void;
  onChoose(testKey: string): void;
}

/** Who is suspected, how likely each is now, and why; the likeliest first. */
export function Suspects({ ranking, reasons, busy, onExplain, onRepair, onChoose }: SuspectsProps) {
  const [open, setOpen] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const name = (key: string) => ranking.suspects.find((s) => s.key === key)?.name ?? key;
  const shown = ranking.suspects.filter((s, i) => all || (s.bears && i < 6 && (i < 3 || s.probability >= 0.0075)));
  const toggle = (key: string) => {
    setOpen(open === key ? null : key);
    if (open !== key && !reasons[key]) onExplain(key);
  };
  return (
    <Tag
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
            <Box
              component="button"
              type="button"
              aria-expanded={open === s.key}
              onClick={() => toggle(s.key)}
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
                <Box sx={{ flex: 1, minWidth: 0, fontWeight: 600, fontSize: '1.0625rem', lineHeight: 1.2 }}>{s.name}</Box>
                <Box sx={{ fontSize: '1rem', whiteSpace: 'nowrap' }}>{s.words}</Box>
              </Box>
              <Gauge p={s.probability} />
            </Box>
            {open === s.key && <Why s={s} explanation={reasons[s.key]} onRepair={() => onRepair(s)} onChoose={onChoose} />}
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
          One repair will be enough: {name(ranking.enough.key).toLowerCase()}, {chanceWords(ranking.enough.chance)}.
          {ranking.pair &&
            ` Best two: with ${name(ranking.pair.keys.find((k) => k !== ranking.enough!.key) ?? ranking.pair.keys[1]).toLowerCase()}, ${chanceWords(ranking.pair.chance)}.`}
        </Typography>
      )}
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Odds are trade judgement, moved by what you found.
      </Typography>
    </Tag>
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
  explanation?: Explanation;
  onRepair(): void;
  onChoose(testKey: string): void;
}

function Why({ s, explanation, onRepair, onChoose }: WhyProps) {
  const fault = faultById(knowledge, s.faultId)!;
  return (
    <Box sx={{ pb: 1.5, pl: 1.5, borderLeft: '3px solid', borderColor: 'bench.brass' }}>
      {!explanation && <Typography color="text.secondary">Working out the reasons…</Typography>}
      {explanation && (
        <>
          <Typography variant="body2">
            Before anything was known: {explanation.start}. Now: {explanation.now}.
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
      <Typography variant="body2">
        <b>Cure:</b> {fault.remedy.do} <b>What made it:</b> {fault.origin}
      </Typography>
      <Button variant="outlined" onClick={onRepair} sx={{ mt: 1 }}>
        This is it: repair
      </Button>
    </Box>
  );
}
