import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useId, useRef, useState, type KeyboardEvent } from 'react';
import { stageOfKind, type FoundLine } from '../../../core/find';
import { fonts } from '../../theme/tokens';
import { call } from '../../device/client';
import { visit } from '../../job/address';

type Answer = { kind: 'idle' } | { kind: 'looking' } | { kind: 'found'; lines: FoundLine[] } | { kind: 'failed'; message: string };

const pauseMs = 120;
const pathOf = (l: FoundLine) => `/job/${l.jobId}/${stageOfKind(l.kind).stage}`;

/** What is found for some words, a moment after they were typed. */
function useSearch(text: string, onAnswer: () => void): Answer {
  const [answer, setAnswer] = useState<Answer>({ kind: 'idle' });
  const answered = useEffectEvent(onAnswer);
  useEffect(() => {
    const q = text.trim();
    if (q === '') {
      setAnswer({ kind: 'idle' });
      return undefined;
    }
    const going = new AbortController();
    const timer = setTimeout(() => {
      void call('GET /api/find', { query: { q }, signal: going.signal }).then((found) => {
        if (going.signal.aborted) return;
        answered();
        if (found.ok) setAnswer({ kind: 'found', lines: found.body.lines });
        else
          setAnswer({
            kind: 'failed',
            message: found.status ? found.message : 'The search needs the server, which cannot be reached just now.',
          });
      });
    }, pauseMs);
    setAnswer((a) => (a.kind === 'found' ? a : { kind: 'looking' }));
    return () => {
      clearTimeout(timer);
      going.abort();
    };
  }, [text]);
  return answer;
}

/** One search over bikes, parts, notes, bags, torques and readings of all jobs. Arrows move, Enter opens. */
export default function FindDialog({ taken, onClose }: { taken: () => string; onClose: () => void }) {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const answer = useSearch(text, () => setAt(0));
  const listId = useId();
  // What was typed before this was here.
  useEffect(() => setText((t) => taken() + t), [taken]);
  const list = useRef<HTMLUListElement>(null);
  const lines = answer.kind === 'found' ? answer.lines : [];
  useEffect(() => {
    list.current?.children[at]?.scrollIntoView?.({ block: 'nearest' });
  }, [at]);
  // Within the job that is on the screen no page is loaded, so the dialog has to go.
  const open = (l: FoundLine) => {
    onClose();
    visit(pathOf(l));
  };
  const keys = (e: KeyboardEvent) => {
    if (e.key === 'ArrowDown' && lines.length) setAt((at + 1) % lines.length);
    else if (e.key === 'ArrowUp' && lines.length) setAt((at + lines.length - 1) % lines.length);
    else if (e.key === 'Enter' && lines[at]) open(lines[at]);
    else return;
    e.preventDefault();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="md"
      slotProps={{
        paper: {
          'aria-label': 'Find',
          'aria-labelledby': undefined,
          sx: { alignSelf: 'flex-start', borderTop: '6px solid', borderColor: 'bench.brass' },
        },
      }}
    >
      <Box
        component="input"
        autoFocus
        role="combobox"
        aria-expanded={lines.length > 0}
        aria-controls={listId}
        aria-activedescendant={lines[at] ? `${listId}-${at}` : undefined}
        aria-label="What are you looking for?"
        placeholder="Bike, owner, part, bag, torque, reading, note"
        value={text}
        onChange={(e: { target: HTMLInputElement }) => setText(e.target.value)}
        onKeyDown={keys}
        autoComplete="off"
        spellCheck={false}
        sx={{
          border: 0,
          p: 2,
          font: 'inherit',
          fontSize: '1.4rem',
          bgcolor: 'transparent',
          color: 'inherit',
          '&:focus': { outline: 'none' },
          '&::placeholder': { color: 'text.secondary', opacity: 1 },
        }}
      />
      <Box sx={{ borderTop: 1, borderColor: 'divider', maxHeight: '60vh', overflowY: 'auto' }}>
        <Standing answer={answer} lines={lines} />
        <Box component="ul" role="listbox" id={listId} aria-label="Found" ref={list} sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {lines.map((l, i) => (
            <FoundOption
              key={`${l.kind}${l.id}${l.jobId}`}
              id={`${listId}-${i}`}
              line={l}
              selected={i === at}
              onSelect={() => setAt(i)}
              onOpen={() => open(l)}
            />
          ))}
        </Box>
      </Box>
    </Dialog>
  );
}

/** How the search stands, in words. */
function Standing({ answer, lines }: { answer: Answer; lines: readonly FoundLine[] }) {
  return (
    <Box role="status" sx={{ px: 2 }}>
      {answer.kind === 'idle' && (
        <Typography sx={{ py: 1.5 }}>
          The beginning of a word is enough, and a slip of the finger is forgiven: a bike, “bag 7”, “sump 25”.
        </Typography>
      )}
      {answer.kind === 'looking' && <Typography sx={{ py: 1.5 }}>Looking…</Typography>}
      {answer.kind === 'failed' && <Typography sx={{ py: 1.5 }}>{answer.message}</Typography>}
      {answer.kind === 'found' && lines.length === 0 && <Typography sx={{ py: 1.5 }}>No matches.</Typography>}
      {lines.length > 0 && lines.every((l) => l.near) && <Typography sx={{ pt: 1 }}>No exact match. Close:</Typography>}
    </Box>
  );
}

interface FoundOptionProps {
  id: string;
  line: FoundLine;
  selected: boolean;
  onSelect(): void;
  onOpen(): void;
}

function FoundOption({ id, line: l, selected, onSelect, onOpen }: FoundOptionProps) {
  return (
    <Box
      component="li"
      role="option"
      id={id}
      aria-selected={selected}
      onMouseMove={onSelect}
      onClick={onOpen}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '170px minmax(0,1fr)' },
        columnGap: 2,
        minHeight: 52,
        alignItems: 'center',
        px: 2,
        py: 0.75,
        cursor: 'pointer',
        borderLeft: '6px solid',
        borderColor: selected ? 'bench.brass' : 'transparent',
        bgcolor: selected ? 'bench.brassWash' : 'transparent',
      }}
    >
      <Box>
        <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.2rem', lineHeight: 1.1 }}>{l.bike}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: '1rem' }}>{stageOfKind(l.kind).name}</Box>
      </Box>
      <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>{l.words}</Box>
    </Box>
  );
}
