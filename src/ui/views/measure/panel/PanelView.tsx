import Box from '@mui/material/Box';
import { countWords } from '../../../../core/state';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import ArrowBack from '@mui/icons-material/ArrowBack';
import { useCallback, useDeferredValue, useEffect, useEffectEvent, useMemo, useState } from 'react';
import {
  fieldsOf,
  valuesOf,
  withAsked,
  withCircumstances,
  type Panel,
  type PanelDraft,
  type PanelSubject,
  type Result,
} from '../../../../core/measure/panel';
import { useJob, type UsedJob } from '../../../job/useJob';
import { Field } from '../../../controls/Field';
import { Hazards } from '../../../widgets/Hazards';
import { lazyPart } from '../../../controls/lazyPart';
import { Card } from '../../../controls/Card';
import { takesOf } from '../../../../core/instrument/takes';
import { seedOf } from '../../../../core/instrument/simulate/chance';
import { useLink } from '../../../instrument/useLink';
import { Instrument } from './Instrument';
import { bookSource } from './save/book';
import { savePanel, type SavedPanel } from './save/savePanel';
import { practiceIn, takenFrom, withLive, withTaken } from './takeLive';
import { Lines, Outcome } from './Outcome';
import { PanelActs, type PanelSaid } from './PanelActs';
import { PanelForm } from './PanelForm';
import { subjectOf } from './subjectOf';
import { useDraft } from './useDraft';

const History = lazyPart(() => import('./History'));

const some = (n: number, one: string, more: string) => (n === 0 ? [] : [countWords(n, one, more)]);

const keptWords = ({ readings, results, limits, findings, notes }: SavedPanel): string =>
  `Saved: ${[
    ...some(readings, 'reading', 'readings'),
    ...some(results, 'result for the tracer', 'results for the tracer'),
    ...some(limits, 'limit of the manual', 'limits of the manual'),
    ...(findings ? ['the result, as a line of the record'] : []),
    ...some(notes, 'note for the refit', 'notes for the refit'),
  ].join(', ')}.`;

/** Why a panel is not kept as it stands; null where nothing is in the way. */
function notKept({ empty, wrong, practice }: { empty: boolean; wrong: number; practice: boolean }): string | null {
  if (empty) return 'Enter a reading first.';
  if (wrong)
    return wrong === 1 ? 'One value cannot be read: it is marked above.' : `${wrong} values cannot be read: they are marked above.`;
  return practice ? 'Practice readings are not saved. Enter your own reading, or connect a real instrument.' : null;
}

const late = (order: number) => ({
  order: { xs: order, sm: 0 },
  'html:not([data-awake]) &': { visibility: { xs: 'hidden', sm: 'visible' } },
});

/** F2 takes what the instruments show. */
function useTakeKey(take: () => void): void {
  const takeNow = useEffectEvent(take);
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      if (e.key !== 'F2') return;
      e.preventDefault();
      takeNow();
    };
    document.addEventListener('keydown', pressed);
    return () => document.removeEventListener('keydown', pressed);
  }, []);
}

interface KeepingProps {
  panel: Panel;
  subject: PanelSubject;
  draft: PanelDraft;
  result: Result;
  said: PanelSaid | null;
  empty: boolean;
  wrong: number;
  practice: boolean;
  setSaid(said: PanelSaid): void;
  change(draft: PanelDraft): void;
  clear(): void;
}

/** How a panel is kept with one press, and taken back with one. */
function useKeeping(used: UsedJob, { panel, subject, draft, result, said, empty, wrong, practice, setSaid, change, clear }: KeepingProps) {
  const keep = () => {
    const why = notKept({ empty, wrong, practice });
    if (why) return setSaid({ words: why, bad: true });
    const kept = savePanel(used, panel, subject, draft, result);
    if (!kept) return;
    if ('problem' in kept) return setSaid({ words: kept.problem, bad: true });
    if (!kept.act) return setSaid({ words: 'Nothing to save yet.', bad: true });
    setSaid({ words: keptWords(kept), kept: { act: kept.act, draft } });
    clear();
  };
  /** One press kept it, one press takes all of it back; what was typed stands there again. */
  const back = () => {
    if (!said?.kept || !used.store.undo(said.kept.act)) return;
    change(said.kept.draft);
    setSaid({ words: 'Undone. Your entries are back.' });
  };
  return { keep, back };
}

/** A panel as it suits this bike, what stands typed in it or is shown by an instrument, and what it says to that. */
function useJudged(used: UsedJob, bare: Panel) {
  const { knowledge, traced, jobId } = used;
  const { state } = used;
  const subject = useMemo(() => subjectOf(knowledge, traced, state), [knowledge, traced, state]);
  const panel = useMemo(() => withAsked(withCircumstances(bare), subject), [bare, subject]);
  const { draft, change, clear } = useDraft(jobId, panel.id);
  const { blocks, read } = useMemo(() => valuesOf(panel, subject, draft), [panel, subject, draft]);
  const instrument = useLink();
  const takes = takesOf(panel.id);
  const taken = takenFrom(instrument.state, takes);
  // What it says may come a moment after what is typed; an instrument on the bench is judged as it moves.
  const settled = useDeferredValue(taken.length ? withLive(draft, taken) : draft);
  const result = useMemo(() => panel.work(valuesOf(panel, subject, settled).values, subject), [panel, subject, settled]);
  const practice = practiceIn(draft);
  const wrong = [...read.values()].filter((r) => r && !r.ok).length;
  const empty = Object.values(draft.text).every((t) => t.trim() === '');
  const typed = fieldsOf(blocks).flatMap((f) => (f.kind === 'figure' && f.quantity ? [f.quantity] : []));
  // A limit that is only looked up may be that of a reading which the panel works out.
  const named = [...new Set([...typed, ...(panel.limits ?? []), ...result.lines.flatMap((l) => (l.keep ? [l.keep.quantity] : []))])].join();
  const quantities = useMemo(() => named.split(',').filter(Boolean), [named]);
  return { subject, panel, draft, change, clear, blocks, read, instrument, takes, taken, result, practice, wrong, empty, quantities };
}

/** One panel of the measuring bench: typed on the left, judged on the right as it is typed, kept once. */
// eslint-disable-next-line max-lines-per-function -- one screen whose parts are named below; what it hands them is drawn once and kept
export function PanelView({ panel: bare, onBack }: { panel: Panel; onBack(): void }) {
  const used = useJob();
  const { subject, panel, draft, change, clear, blocks, read, instrument, takes, taken, result, practice, wrong, empty, quantities } =
    useJudged(used, bare);
  const [said, setSaid] = useState<PanelSaid | null>(null);
  // Many bars stand below, so that the verdict stays in sight beside a long list.
  const many = result.lines.length > 6;
  const typedIn = useCallback((d: PanelDraft) => (setSaid(null), change(d)), [change]);
  // Kept as they are while an instrument speaks: drawing them anew with every reading costs frames.
  const hazards = useMemo(() => <Hazards ids={panel.hazards} place={panel.id} />, [panel]);
  const bookField = useMemo(
    () =>
      panel.book && (
        <Field
          label="Manual page"
          value={draft.text[bookSource] ?? ''}
          onChange={(e) => change({ ...draft, text: { ...draft.text, [bookSource]: e.target.value } })}
          hint="kept with the limits of this bike, asked once"
          inputProps={{ maxLength: 200 }}
        />
      ),
    [panel, draft, change],
  );
  const take = () => {
    if (taken.length === 0) return;
    change(withTaken(draft, taken));
    setSaid({ words: `Taken: ${taken.map((t) => `${t.text} ${t.unit}`).join(', ')}.` });
  };
  useTakeKey(take);
  const { keep, back } = useKeeping(used, {
    panel,
    subject,
    draft,
    result,
    said,
    empty,
    wrong,
    practice: practice.length > 0,
    setSaid,
    change,
    clear,
  });
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }} data-testid="panel">
      <Card
        lead
        title={panel.name}
        aside={
          <Button startIcon={<ArrowBack />} onClick={onBack} sx={{ mr: 2, '@media print': { display: 'none' } }}>
            Panels
          </Button>
        }
      >
        {/* On a phone the fields come at once, the rest after them, and once the page is whole so that nothing moves. */}
        <Box sx={{ display: 'flex', flexDirection: 'column', minWidth: 0 }}>
          <Typography color="text.secondary" sx={{ mb: 0.5, maxWidth: '110ch', ...late(3) }}>
            {panel.about}
          </Typography>
          {hazards}
          {takes.length > 0 && (
            <Box sx={late(2)}>
              <Instrument
                kinds={takes.map((t) => t.kind)}
                used={instrument}
                taken={taken}
                onTake={take}
                simulate={(start) =>
                  instrument.open({
                    kind: 'simulated',
                    start: {
                      start,
                      seed: seedOf(used.traced.bike.id),
                      cylinders: subject.cylinders.length,
                      strokes: subject.strokes ?? 'four',
                      voltage: subject.voltage,
                    },
                  })
                }
              />
            </Box>
          )}
          <Box
            sx={{
              display: 'grid',
              gap: 2.5,
              order: { xs: 1, sm: 0 },
              gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1.15fr) minmax(0,1fr)' },
              alignItems: 'start',
            }}
          >
            <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
              {empty && <FromStrip panel={panel} subject={subject} onFill={(text) => typedIn({ ...draft, text })} />}
              <PanelForm blocks={blocks} draft={draft} read={read} onChange={typedIn} />
              {bookField}
            </Box>
            <Box sx={{ position: { lg: 'sticky' }, top: 8, minWidth: 0 }}>
              {practice.length > 0 && <PracticeNotice by={practice} />}
              <Outcome result={result} />
              <PanelActs
                panel={panel}
                draft={draft}
                empty={empty}
                said={said}
                result={result}
                onSay={setSaid}
                onKeep={keep}
                onClear={clear}
                onBack={back}
                onChange={change}
              />
              {!many && <Lines lines={result.lines} />}
            </Box>
          </Box>
          {many && <Lines lines={result.lines} />}
        </Box>
      </Card>
      <History quantities={quantities} panel={panel.name} />
    </Box>
  );
}

interface FromStripProps {
  panel: Panel;
  subject: PanelSubject;
  onFill(text: Record<string, string>): void;
}

/** The strip has noted how it stood: one press fills it in. */
function FromStrip({ panel, subject, onFill }: FromStripProps) {
  const noted = panel.recall?.(subject) ?? {};
  if (Object.keys(noted).length === 0) return null;
  return (
    <Box>
      <Button variant="outlined" onClick={() => onFill({ ...noted })}>
        Fill in as it came off
      </Button>
    </Box>
  );
}

/** Figures of a simulated instrument stand in the panel. */
function PracticeNotice({ by }: { by: readonly string[] }) {
  return (
    <Typography
      role="status"
      data-testid="practice"
      sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, py: 0.75, mb: 1 }}
    >
      <b>Practice.</b> {by.join(', ')}: these values are of no bike.
    </Typography>
  );
}
