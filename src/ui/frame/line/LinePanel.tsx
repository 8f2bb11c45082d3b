import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { subjects, understand, type LineContext, type Meaning } from '../../../core/line';
import { factsOf } from '../../../core/knowledge';
import type { Ranking } from '../../../core/trace';
import { limitFor } from '../../../core/measure';
import { applyLine } from '../../job/applyLine';
import { useThought } from '../../job/useThought';
import { useJob, useJobView, type UsedJob } from '../../job/useJob';
import { LimitBar } from '../../widgets/LimitBar';
import { infoOf } from '../../widgets/test/readingDraft';
import { aheadMinutes } from '../../controls/times';
import type { PanelProps } from './BenchLine';

/** What a line is understood by: the job as it stands, who works, and the test that is worth doing next. */
function useLineContext({ state, knowledge, traced, jobId, store }: UsedJob, ranking: Ranking | null): LineContext {
  const actor = useJobView((v) => v.actor);
  const personal = useJobView((v) => v.personal);
  const next = useMemo(() => {
    const best = ranking?.next;
    const t = best?.kind === 'test' ? ranking?.tests.find((x) => x.key === best.key) : undefined;
    return t ? { testId: t.testId, position: t.position } : null;
  }, [ranking]);
  return useMemo(
    (): LineContext => ({
      state,
      knowledge,
      traced,
      jobId,
      next,
      now: new Date().toISOString(),
      aheadMinutes: aheadMinutes(),
      currency: store.snapshot.shop.currency,
      actor,
      personal,
    }),
    [state, knowledge, traced, jobId, next, store, actor, personal],
  );
}

/** Over the bench line: what it understood, what it might mean, how it could go on, or all that can be said. */
export default function LinePanel({ text, chosen, open, desk, onText, onKept, onFocus }: PanelProps) {
  const used = useJob();
  const { store } = used;
  const { ranking } = useThought();
  const [kept, setKept] = useState<{ words: string; entry: string | null } | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const context = useLineContext(used, ranking);
  const understanding = useMemo(() => understand(text, context), [text, context]);
  const keep = (index: number): boolean => {
    const meaning = understanding.meanings[index];
    if (!meaning) return false;
    if (!applyLine(used, meaning, ranking)) {
      setRefused(store.get().refused?.refusal.message ?? 'This can’t be saved yet. Change the line and try again.');
      return false;
    }
    setRefused(null);
    const last = store.targets().undo;
    setKept({ words: meaning.words, entry: meaning.acts.some((a) => a.do === 'undo' || a.do === 'redo') ? null : (last?.id ?? null) });
    return true;
  };
  useEffect(() => {
    desk.current = { understanding, keep };
    return () => {
      desk.current = null;
    };
  });
  useEffect(() => setRefused(null), [text]);
  const { meanings, offers, problem, help } = understanding;
  const idle = text.trim() === '';
  return (
    <Box
      id="line-panel"
      role="status"
      aria-live="polite"
      data-testid="line-panel"
      sx={{
        bgcolor: 'background.paper',
        color: 'text.primary',
        borderBottom: 1,
        borderColor: 'divider',
        maxHeight: '60vh',
        overflowY: 'auto',
        px: { xs: 1.5, md: 2 },
      }}
    >
      {refused && (
        <Box role="alert" sx={{ py: 1, fontWeight: 600 }}>
          {refused}
        </Box>
      )}
      {idle && kept && open && (
        <Kept
          words={kept.words}
          onBack={
            kept.entry === null
              ? null
              : () => {
                  store.undo(kept.entry!);
                  setKept(null);
                  onFocus();
                }
          }
        />
      )}
      {help && <Sayings onPick={onText} onFocus={onFocus} />}
      {meanings.length === 1 && <One meaning={meanings[0]} onKeep={() => keep(0) && onKept()} />}
      {meanings.length > 1 && <Several meanings={meanings} chosen={chosen} onKeep={(i) => keep(i) && onKept()} />}
      {problem && !idle && <Box sx={{ py: 1 }}>{problem}</Box>}
      {meanings.length < 2 && offers.length > 0 && (
        <Offers
          offers={offers}
          chosen={meanings.length === 0 ? chosen : -1}
          onPick={(offer) => {
            onText(`${offer} `);
            onFocus();
          }}
        />
      )}
    </Box>
  );
}

/** How the line could go on. */
function Offers({ offers, chosen, onPick }: { offers: readonly string[]; chosen: number; onPick(offer: string): void }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, pb: 1 }}>
      {offers.map((o, i) => (
        <Button key={o} variant={i === chosen ? 'contained' : 'outlined'} onClick={() => onPick(o)} sx={{ minHeight: 48 }}>
          {o}
        </Button>
      ))}
    </Box>
  );
}

/** What the last line kept, and the way back where there is one. */
function Kept({ words, onBack }: { words: string; onBack: (() => void) | null }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 48 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>Saved: {words}</Box>
      {onBack && <Button onClick={onBack}>Undo</Button>}
    </Box>
  );
}

/** Several things that a line may mean: one is chosen. */
function Several({ meanings, chosen, onKeep }: { meanings: readonly Meaning[]; chosen: number; onKeep(index: number): void }) {
  return (
    <Box sx={{ py: 1 }}>
      <Box sx={{ fontWeight: 600, mb: 0.5 }}>This can mean several things. Choose one to save it.</Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {meanings.map((m, i) => (
          <Box component="li" key={m.words}>
            <Button
              fullWidth
              variant={i === chosen ? 'contained' : 'outlined'}
              onClick={() => onKeep(i)}
              sx={{ justifyContent: 'flex-start', textAlign: 'left', mb: 0.5 }}
            >
              {m.words}
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** The one thing that a line means: in words, and a reading on its limit bar. */
function One({ meaning, onKeep }: { meaning: Meaning; onKeep: () => void }) {
  const { knowledge, traced } = useJob();
  const info = meaning.reading && infoOf(knowledge, meaning.reading.quantity, factsOf(traced.bike, traced.job, knowledge));
  return (
    <Box sx={{ py: 1, display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5 }}>
      <Box sx={{ flex: '1 1 300px', minWidth: 0, fontSize: '1.15rem', fontWeight: 600 }}>{meaning.words}</Box>
      {meaning.reading && info && (
        <Box sx={{ flex: '1 1 320px', minWidth: 0 }}>
          <LimitBar
            label={info.name}
            value={meaning.reading.value}
            unit={meaning.reading.unit}
            limit={limitFor(info, traced.specs)}
            error={info.error}
          />
        </Box>
      )}
      {/* An answer is read, not kept. */}
      {meaning.acts.length > 0 && (
        <Button variant="contained" onClick={onKeep}>
          Save
        </Button>
      )}
    </Box>
  );
}

/** All that can be said, by subject; an example is taken with one tap. */
function Sayings({ onPick, onFocus }: { onPick: (line: string) => void; onFocus: () => void }) {
  return (
    <Box
      sx={{
        py: 1,
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr', md: 'repeat(2, minmax(0,1fr))', lg: 'repeat(4, minmax(0,1fr))' },
      }}
    >
      {subjects.map((s) => (
        <Box key={s.name}>
          <Box sx={{ fontWeight: 600, borderBottom: '2px solid', borderColor: 'bench.brass' }}>{s.name}</Box>
          {s.phrases.map((p) => (
            <Button
              key={p.id}
              variant="text"
              onClick={() => {
                onPick(p.example);
                onFocus();
              }}
              sx={{ display: 'block', width: '100%', textAlign: 'left', color: 'text.primary', py: 0.5, px: 0.5, minHeight: 48 }}
            >
              <Box component="span" sx={{ display: 'block', fontWeight: 600, lineHeight: 1.2, overflowWrap: 'anywhere' }}>
                {p.example}
              </Box>
              <Box component="span" sx={{ display: 'block', color: 'text.secondary', lineHeight: 1.2 }}>
                {p.does}
              </Box>
            </Button>
          ))}
        </Box>
      ))}
    </Box>
  );
}
